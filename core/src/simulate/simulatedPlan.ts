import type { WhitePoint } from '../colour/whitePoint';
import type { Moment, ShotMetadata } from '../files/dng/description';
import { ORIENTATION_LEVEL, ORIENTATION_UPRIGHT } from '../files/dng/tags';
import { MISREAD_WIDTH, TILE_HEIGHT } from '../files/dng/tiling';
import { isoFromClick } from '../exposure/clicks';
import type { MeterPattern, PicturePoint } from '../exposure/metering';
import { nominalIso } from '../exposure/nominal';
import { aspectBox, type AspectRatio, type PixelBox } from '../optics/aspect';
import { defocusOf, distanceOf, type Defocus } from '../optics/defocus';
import { lensFocus } from '../optics/focus/focusScale';
import { findLens, type LensModel } from '../optics/lenses';
import { croppedFocalLength35, croppedSize, pixelAngleRad } from '../optics/zoom';
import { framingPixel, type Framing } from '../scene/framing';
import type { Scene } from '../scene/scene';
import { findScene } from '../scene/scenes';
import type { Gather, SeriesPlace } from '../series/series';
import type { FileKind } from '../settings/settings';
import { drillSentence, type DrillPlace } from './drillSentence';
import { photositeResponse, type PhotositeResponse } from '../sensor/sensorModel';

/** Frames that were gathered into one. */
export interface GatheredFrames {
  readonly gather: Gather;
  readonly frames: number;
  /** From the start of the first to the end of the last, in seconds. */
  readonly periodS: number;
}

/** Everything one simulated exposure depends on: plain, so that it can be sent to workers. */
export interface SimulatedShot {
  readonly sceneId: string;
  readonly lensId: string;
  /** 1 = the whole sensor. */
  readonly crop: number;
  /** How long the shutter really was open, in seconds. */
  readonly timeS: number;
  readonly isoClick: number;
  readonly compClicks: number;
  readonly meter: MeterPattern;
  readonly program: NonNullable<ShotMetadata['program']>;
  /** Where the lens is asked to focus, in dioptres. */
  readonly focusDioptres: number;
  /** Place of the picture as seen at which focus was asked for; null or left out: it was held. */
  readonly focusedAt?: PicturePoint | null;
  readonly sizeMp: 12 | 3;
  readonly files: FileKind;
  readonly jpegQuality: number;
  readonly aspect: AspectRatio;
  /** The phone is held upright: the picture stands, the raw lies. */
  readonly upright: boolean;
  readonly yawRad: number;
  readonly pitchRad: number;
  readonly filterStops: number;
  readonly torch: boolean;
  /** The flash fires as the shutter opens, or just before it closes; null: it does not. */
  readonly flash: 'begin' | 'end' | null;
  /** On a tripod: nothing shakes. */
  readonly steady: boolean;
  readonly stabiliserStops: number;
  readonly mainsHz: 50 | 60;
  /** Scene time at which the shutter opened, in seconds. */
  readonly startS: number;
  /** The light taken as white: into picture and metadata, never into the raw values. */
  readonly white: WhitePoint;
  /** The camera chose it. */
  readonly whiteIsAuto: boolean;
  readonly seed: number;
  readonly capturedAt: Moment;
  /** Where it stands in its series; null: it is none of several. */
  readonly series: SeriesPlace | null;
  /** It is gathered from many, each exposed as said here; null: it is one exposure. */
  readonly gathered: GatheredFrames | null;
  /** The drill it is a try at; null or left out: none. */
  readonly drill?: DrillPlace | null;
}

/** A shot with its models looked up and its sizes worked out. */
export interface SimulatedPlan {
  readonly shot: SimulatedShot;
  readonly scene: Scene;
  readonly lens: LensModel;
  readonly framing: Framing;
  readonly defocus: Defocus;
  readonly binning: 1 | 2;
  readonly width: number;
  readonly height: number;
  readonly bands: number;
  readonly response: PhotositeResponse;
  readonly iso: number;
  /** Photosites per preview pixel, along each side. */
  readonly previewFactor: 2 | 4;
  /** The part of the raw that is meant to be seen. */
  readonly crop: PixelBox;
}

/** Plans a shot. Throws RangeError when scene or lens are unknown. */
export function planSimulated(shot: SimulatedShot): SimulatedPlan {
  const scene = findScene(shot.sceneId);
  const lens = findLens(shot.lensId);
  if (!scene) throw new RangeError(`There is no scene "${shot.sceneId}".`);
  if (!lens) throw new RangeError(`There is no lens "${shot.lensId}".`);
  const binning = shot.sizeMp === 12 ? 1 : 2;
  const { widthPx, heightPx: height } = croppedSize(lens, shot.crop, binning);
  // A little narrower, so that every developer opens it.
  const width = widthPx === MISREAD_WIDTH ? widthPx - 8 : widthPx;
  const iso = isoFromClick(shot.isoClick);
  const framing: Framing = {
    yawRad: shot.yawRad,
    pitchRad: shot.pitchRad,
    halfLongTangent: (pixelAngleRad(lens, binning) * width) / 2,
    longPx: width,
    shortPx: height,
    layout: shot.upright ? 'upright-sensor' : 'level',
  };
  return {
    shot,
    scene,
    lens,
    framing,
    defocus: defocusOf(lens, lensFocus(lens, shot.focusDioptres), framingPixel(framing)),
    binning,
    width,
    height,
    bands: Math.ceil(height / TILE_HEIGHT),
    response: photositeResponse(lens.sensor, iso, binning),
    iso,
    previewFactor: binning === 1 ? 4 : 2,
    crop: aspectBox(width, height, shot.aspect),
  };
}

export const SIMULATED_MAKE = 'Velmo';
export const SIMULATED_MODEL = 'Simulated phone camera';

/** ISO as it goes into the file: engraved on the detents, true between them. */
const writtenIso = (click: number, iso: number): number =>
  Number.isInteger(click) ? Number(nominalIso(click)) : Math.round(iso);

const GATHER_WORDS = {
  mean: 'Mean',
  sum: 'Sum',
  brightest: 'Brightest of each photosite',
} as const;

const gatheredWords = ({ gathered, timeS }: SimulatedShot): string =>
  gathered
    ? ` ${GATHER_WORDS[gathered.gather]} of ${gathered.frames} frames of ${Number(timeS.toPrecision(4))} s each, ${Number((gathered.frames * timeS).toPrecision(4))} s in all, in linear raw light.`
    : '';

/** What the file will say about the shot. */
export function simulatedMetadata({ shot, scene, lens, iso }: SimulatedPlan): ShotMetadata {
  const filter = shot.filterStops > 0 ? ` ND filter of ${shot.filterStops} stops.` : '';
  return {
    make: SIMULATED_MAKE,
    model: SIMULATED_MODEL,
    software: 'Velmo',
    description: `Simulated: "${scene.name}" computed by Velmo, not photographed.${filter}${gatheredWords(shot)}${drillSentence(shot)}`,
    capturedAt: shot.capturedAt,
    timeS: shot.timeS,
    iso: writtenIso(shot.isoClick, iso),
    fNumber: lens.fNumber,
    focalLengthMm: lens.focalLengthMm,
    focusedM: distanceOf(lensFocus(lens, shot.focusDioptres)),
    focalLength35Mm: croppedFocalLength35(lens, shot.crop),
    digitalZoom: shot.crop,
    lensModel: `Simulated ${lens.label} ${lens.focalLength35Mm} mm f/${lens.fNumber}`,
    compensationStops: shot.compClicks / 3,
    metering: shot.meter,
    program: shot.program,
    whiteIsAuto: shot.whiteIsAuto,
    flashFired: shot.flash !== null,
    series: shot.series ?? undefined,
    composite: shot.gathered
      ? { taken: shot.gathered.frames, used: shot.gathered.frames, periodS: shot.gathered.periodS }
      : undefined,
  };
}

/** TIFF orientation of the plan's raw. */
export const simulatedOrientation = ({ shot }: SimulatedPlan): 1 | 6 =>
  shot.upright ? ORIENTATION_UPRIGHT : ORIENTATION_LEVEL;
