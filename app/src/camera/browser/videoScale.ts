import { decodeSrgb, encodeSrgb } from '@velmo/core/colour';
import {
  ladderBinTable,
  peakingTable,
  toneLevels,
  zebraRawLevel,
  type MonitorSettings,
  type MonitorTables,
  type PeakingTable,
} from '@velmo/core/monitor';
import { linearTable, midShareOf, SRGB_RESPONSE, type VideoResponse } from '@velmo/core/response';
import { lumaWeights } from '../live/liveStage';

/** Light of a video frame is counted in so many steps. */
export const VIDEO_WHITE = 4095;
const LEVELS = { blackLevel: 0, whiteLevel: VIDEO_WHITE };

/** Luminance of BT.709 red, green, blue. */
export const LUMA = [0.2126, 0.7152, 0.0722] as const;

/**
 * Codes of a video frame as linear light, with mid-grey where the camera's calibration says: the
 * response recovered from a guided series, or sRGB's while nothing better is known.
 */
export class VideoScale {
  /** Linear value of every code, 3 x 256. */
  readonly table: Uint16Array;
  /** Share of clipping light at mid-grey. */
  readonly mid: number;
  /** Linear value of the darkest code that is not nothing. */
  readonly darkest: number;
  readonly peaking: Readonly<Record<MonitorSettings['peakingStrength'], PeakingTable>>;

  /**
   * @param response null: sRGB's
   * @param greyStops what a grey card reads without this, in stops
   */
  constructor(
    readonly response: VideoResponse | null,
    greyStops: number,
  ) {
    const curves = response ?? SRGB_RESPONSE;
    this.table = linearTable(curves, VIDEO_WHITE);
    this.mid = Math.min(0.9, midShareOf(curves) * 2 ** greyStops);
    this.darkest = Math.max(1, this.table[256 + 1]);
    const noise = (level: number): number => stepAt(curves, level);
    this.peaking = {
      low: peakingTable('low', LEVELS, noise),
      medium: peakingTable('medium', LEVELS, noise),
      high: peakingTable('high', LEVELS, noise),
    };
  }

  /** Stops from mid-grey of a linear value. */
  stopsOf(level: number): number {
    return Math.log2(Math.max(1, level) / (VIDEO_WHITE * this.mid));
  }

  /** Tables of the monitors a view asks for. */
  tablesFor({ zebra, toneClicks }: MonitorSettings): MonitorTables {
    return {
      bins: ladderBinTable(0, VIDEO_WHITE, this.mid),
      whiteLevel: VIDEO_WHITE,
      crushedLevel: this.darkest,
      luma: lumaWeights(LUMA),
      zebraLevel: zebraRawLevel(zebra, LEVELS),
      ...toneLevels(toneClicks, this.mid, LEVELS),
    };
  }
}

/**
 * A video frame does not tell its noise: taken to be a step of its eight bits at any level, which
 * is what is left of it where the camera has smoothed it away.
 */
function stepAt([, green]: VideoResponse, level: number): number {
  const share = level / VIDEO_WHITE;
  if (green === SRGB_RESPONSE[1]) {
    const code = 255 * encodeSrgb(share);
    return VIDEO_WHITE * (decodeSrgb((code + 1) / 255) - decodeSrgb(code / 255));
  }
  let [low, high] = [0, 255];
  while (high - low > 1) {
    const code = (low + high) >> 1;
    if (green[code] <= share) low = code;
    else high = code;
  }
  return VIDEO_WHITE * (green[high] - green[low]);
}
