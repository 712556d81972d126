import {
  asShotNeutral,
  baselineExposureFor,
  createDeveloper,
  invert,
  luminanceRow,
  whiteChromaticity,
  type Developer,
  type Vec3,
  type WhitePoint,
} from '@velmo/core/colour';
import { meterResponse } from '@velmo/core/simulate';
import { isoFromClick } from '@velmo/core/exposure';
import {
  ladderBinTable,
  lumaNoise,
  peakingTable,
  toneLevels,
  zebraRawLevel,
  type MonitorSettings,
  type MonitorTables,
  type PeakingTable,
} from '@velmo/core/monitor';
import type { LensModel } from '@velmo/core/optics';
import type { Scene } from '@velmo/core/scene';
import {
  cameraProfile,
  midGreyShare,
  noiseFloorShare,
  photositeResponse,
} from '@velmo/core/sensor';
import { lumaWeights } from '../../live/liveStage';
import { sameWatched } from '../../device/sameAsked';

/** What a live picture's tables depend on. */
export interface RenderingKey {
  readonly isoClick: number;
  readonly lens: LensModel;
  readonly scene: Scene;
  readonly white: WhitePoint;
  readonly monitors: MonitorSettings;
  /** Photosites along each side of a pixel. */
  readonly binning: number;
}

/** Tables that hold as long as their key does. */
export interface LiveRendering {
  readonly key: RenderingKey;
  readonly tables: MonitorTables;
  readonly peaking: PeakingTable;
  readonly developer: Developer;
  /** Weights of camera red, green, blue in luminance. */
  readonly luminanceRow: Vec3;
  readonly clipStops: number;
  readonly floorStops: number;
  /** What the white balance multiplies red, green and blue by. */
  readonly gains: readonly [number, number, number];
}

/** True when tables made for one key serve the other. */
export const sameRendering = (a: RenderingKey, b: RenderingKey): boolean =>
  a.isoClick === b.isoClick &&
  a.lens === b.lens &&
  a.scene === b.scene &&
  a.binning === b.binning &&
  a.white.kelvin === b.white.kelvin &&
  a.white.tint === b.white.tint &&
  sameWatched(a.monitors, b.monitors);

/** Works the tables of a key out. */
export function liveRendering(key: RenderingKey): LiveRendering {
  const { isoClick, lens, scene, white, monitors, binning } = key;
  const { sensor } = lens;
  const iso = isoFromClick(isoClick);
  const share = midGreyShare(sensor, iso);
  const floorShare = noiseFloorShare(photositeResponse(sensor, iso, 1));
  const { blackLevel, whiteLevel } = sensor;
  const row = luminanceRow(invert(meterResponse(scene, lens)));
  const luma = lumaWeights(row);
  const profile = cameraProfile(sensor.sensitivities);
  const chromaticity = whiteChromaticity(white);
  const neutral = asShotNeutral(profile, chromaticity);
  return {
    key,
    luminanceRow: row,
    clipStops: Math.log2(1 / share),
    floorStops: Math.log2(floorShare / share),
    gains: [1 / neutral[0], 1 / neutral[1], 1 / neutral[2]],
    peaking: peakingTable(
      monitors.peakingStrength,
      { blackLevel, whiteLevel },
      lumaNoise(photositeResponse(sensor, iso, binning), luma),
    ),
    tables: {
      bins: ladderBinTable(blackLevel, whiteLevel, share),
      whiteLevel,
      crushedLevel: blackLevel + Math.round((whiteLevel - blackLevel) * floorShare),
      luma,
      zebraLevel: zebraRawLevel(monitors.zebra, sensor),
      ...toneLevels(monitors.toneClicks, share, sensor),
    },
    developer: createDeveloper({
      profile,
      white: chromaticity,
      blackLevel,
      whiteLevel,
      baselineExposure: baselineExposureFor(share),
    }),
  };
}
