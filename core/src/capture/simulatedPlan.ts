import type { Moment, ShotMetadata } from '../dng/description';
import { ORIENTATION_LEVEL, ORIENTATION_UPRIGHT } from '../dng/tags';
import { TILE_HEIGHT } from '../dng/tiling';
import { isoFromClick, timeSFromClick } from '../exposure/clicks';
import { nominalIso } from '../exposure/nominal';
import { findLens, halfWidthTangent, type LensModel } from '../optics/lenses';
import { findScene, type Scene } from '../scene';
import type { Framing } from '../scene/render';
import { photositeResponse, type PhotositeResponse } from '../sensor/sensorModel';

/** Everything one simulated exposure depends on: plain, so that it can be sent to workers. */
export interface SimulatedShot {
  readonly sceneId: string;
  readonly lensId: string;
  readonly timeClick: number;
  readonly isoClick: number;
  readonly compClicks: number;
  readonly program: NonNullable<ShotMetadata['program']>;
  readonly sizeMp: 12 | 3;
  /** The phone is held upright: the picture stands, the raw lies. */
  readonly upright: boolean;
  readonly yawRad: number;
  readonly pitchRad: number;
  readonly seed: number;
  readonly capturedAt: Moment;
}

/** A shot with its models looked up and its sizes worked out. */
export interface SimulatedPlan {
  readonly shot: SimulatedShot;
  readonly scene: Scene;
  readonly lens: LensModel;
  readonly framing: Framing;
  readonly binning: 1 | 2;
  readonly width: number;
  readonly height: number;
  readonly bands: number;
  readonly response: PhotositeResponse;
  readonly timeS: number;
  readonly iso: number;
  /** Photosites per preview pixel, along each side. */
  readonly previewFactor: 2 | 4;
}

/** Plans a shot. Throws RangeError when scene or lens are unknown. */
export function planSimulated(shot: SimulatedShot): SimulatedPlan {
  const scene = findScene(shot.sceneId);
  const lens = findLens(shot.lensId);
  if (!scene) throw new RangeError(`There is no scene "${shot.sceneId}".`);
  if (!lens) throw new RangeError(`There is no lens "${shot.lensId}".`);
  const binning = shot.sizeMp === 12 ? 1 : 2;
  const width = lens.sensor.widthPx / binning;
  const height = lens.sensor.heightPx / binning;
  const iso = isoFromClick(shot.isoClick);
  return {
    shot,
    scene,
    lens,
    framing: {
      yawRad: shot.yawRad,
      pitchRad: shot.pitchRad,
      halfLongTangent: halfWidthTangent(lens),
      longPx: width,
      shortPx: height,
      layout: shot.upright ? 'upright-sensor' : 'level',
    },
    binning,
    width,
    height,
    bands: Math.ceil(height / TILE_HEIGHT),
    response: photositeResponse(lens.sensor, iso, binning),
    timeS: timeSFromClick(shot.timeClick),
    iso,
    previewFactor: binning === 1 ? 4 : 2,
  };
}

export const SIMULATED_MAKE = 'Velmo';
export const SIMULATED_MODEL = 'Simulated phone camera';

/** What the file will say about the shot. */
export function simulatedMetadata({ shot, scene, lens, timeS }: SimulatedPlan): ShotMetadata {
  return {
    make: SIMULATED_MAKE,
    model: SIMULATED_MODEL,
    software: 'Velmo',
    description: `Simulated: "${scene.name}" computed by Velmo, not photographed.`,
    capturedAt: shot.capturedAt,
    timeS,
    iso: Number(nominalIso(shot.isoClick)),
    fNumber: lens.fNumber,
    focalLengthMm: lens.focalLengthMm,
    focalLength35Mm: lens.focalLength35Mm,
    lensModel: `Simulated ${lens.label} ${lens.focalLength35Mm} mm f/${lens.fNumber}`,
    compensationStops: shot.compClicks / 3,
    metering: 'centre-weighted',
    program: shot.program,
  };
}

/** TIFF orientation of the plan's raw. */
export const simulatedOrientation = ({ shot }: SimulatedPlan): 1 | 6 =>
  shot.upright ? ORIENTATION_UPRIGHT : ORIENTATION_LEVEL;
