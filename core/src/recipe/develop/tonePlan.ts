import { asShotNeutral, balancedCameraToSrgb, whiteFromNeutral } from '../../colour/cameraProfile';
import { multiplyMat, type Mat3, type Vec3 } from '../../colour/mat3';
import { SRGB_TO_P3, type OutputSpace } from '../../colour/outputSpace';
import { renderingCurve } from '../../colour/renderingCurve';
import { encodeSrgb } from '../../colour/srgb';
import { whiteChromaticity } from '../../colour/whitePoint';
import type { RawFile } from '../../files/rawFile';
import type { Development } from '../development';

/** What a development needs to know of a file's colours. */
export type FileColours = Pick<RawFile, 'profile' | 'asShotNeutral' | 'baselineExposure'>;

/** A development made ready for the pixels of one file. */
export interface TonePlan {
  /** What light balanced as shot is multiplied by, to be balanced for the chosen white. */
  readonly rebalance: Vec3;
  /** From balanced light to linear sRGB with mid-grey at 18 %; of greys, three equal rows. */
  readonly matrix: Mat3;
  /** Stops by which the matrix brightens more than the file asks for. */
  readonly exposure: number;
  /** Colours are kept so far from grey; 1: as they are. */
  readonly colour: number;
  /** Gains of light by its own and by its neighbourhood's stops from mid-grey; null: all are 1. */
  readonly local: LocalGains | null;
  /** The curve's values over `index`, and beyond it 1. */
  readonly curve: CurveTable;
  /** From linear sRGB to the output's, where that is another. */
  readonly toOutput: Mat3 | null;
  /** Display-linear 0..1 to the signal, over its square root; used where there is `toOutput`. */
  readonly signal: Float32Array;
}

export interface LocalGains {
  /** By a pixel's own stops, and by those of its neighbourhood; over STOPS. */
  readonly own: Float32Array;
  readonly large: Float32Array;
}

/** Entries at square roots of light, 0..top. */
export interface CurveTable {
  readonly values: Float32Array;
  /** The light at which it ends. */
  readonly top: number;
}

/** Stops from mid-grey that gains are told for, and how finely. */
export const STOPS = { least: -16, most: 8, perStop: 256 } as const;
export const STOP_ENTRIES = (STOPS.most - STOPS.least) * STOPS.perStop + 1;

const CURVE_STEPS = 16384;
export const CURVE_ENTRIES = CURVE_STEPS + 1;
export const MID_GREY = 0.18;

/** Stops by which highlights and shadows are moved at most. */
const HIGHLIGHT_STOPS = 1;
const SHADOW_STOPS = 2;
/** How steep contrast is at mid-grey at full strength, and how many stops away it fades. */
const CONTRAST_SLOPE = 0.5;
const CONTRAST_REACH = 2.2;

/** What balanced light is multiplied by, so that the colour that clips first clips at 1. */
export function asShotBalance({ asShotNeutral: neutral }: FileColours): Vec3 {
  const top = Math.max(...neutral);
  return [top / neutral[0], top / neutral[1], top / neutral[2]];
}

/** The light a development takes as white. */
export const developedWhite = (file: FileColours, { white }: Pick<Development, 'white'>) =>
  white ? whiteChromaticity(white) : whiteFromNeutral(file.profile, file.asShotNeutral);

/** Makes a development ready. Throws RangeError for a white point there is none of. */
export function planTone(
  file: FileColours,
  development: Development,
  space: OutputSpace = 'srgb',
): TonePlan {
  const { exposure, saturation, greys } = development;
  const white = developedWhite(file, development);
  const shot = asShotBalance(file);
  const neutral = development.white ? asShotNeutral(file.profile, white) : null;
  const top = neutral ? Math.max(...neutral) : 1;
  const ratio = (c: 0 | 1 | 2): number => (neutral ? top / neutral[c] / shot[c] : 1);
  const gain = 2 ** (file.baselineExposure + exposure);
  const toSrgb = balancedCameraToSrgb(file.profile, white).map((v) => v * gain) as unknown as Mat3;
  // Brightened, what is above the clipped raw's own white is white; darkened, it is not.
  const clip = 2 ** file.baselineExposure;
  return {
    rebalance: [ratio(0), ratio(1), ratio(2)],
    matrix: greys ? multiplyMat(greyRows(greys), toSrgb) : toSrgb,
    exposure,
    colour: greys ? 0 : 1 + saturation,
    local: localGains(development),
    curve: curveTable(clip, space === 'srgb' ? encodeSrgb : (v) => v),
    toOutput: space === 'srgb' ? null : SRGB_TO_P3,
    signal: space === 'srgb' ? NOTHING : signalTable(),
  };
}

const NOTHING = new Float32Array(0);
/** Shares that cancel one another still make a picture. */
const LEAST_SUM = 0.2;

function greyRows([r, g, b]: Vec3): Mat3 {
  const sum = Math.max(LEAST_SUM, r + g + b);
  const row = [r / sum, g / sum, b / sum] as const;
  return [...row, ...row, ...row];
}

const smooth = (from: number, to: number, v: number): number => {
  const t = Math.min(1, Math.max(0, (v - from) / (to - from)));
  return t * t * (3 - 2 * t);
};

/** Stops are placed so that brightening never turns dark and light about. */
function localGains({ contrast, highlights, shadows }: Development): LocalGains | null {
  if (contrast === 0 && highlights === 0 && shadows === 0) return null;
  const table = (stopsAt: (stops: number) => number): Float32Array =>
    Float32Array.from(
      { length: STOP_ENTRIES },
      (_, i) => 2 ** stopsAt(STOPS.least + i / STOPS.perStop),
    );
  return {
    own: table((s) => contrast * CONTRAST_SLOPE * CONTRAST_REACH * Math.tanh(s / CONTRAST_REACH)),
    large: table(
      (s) =>
        highlights * HIGHLIGHT_STOPS * smooth(-0.5, 3.2, s) +
        shadows * SHADOW_STOPS * smooth(0.3, -5, s),
    ),
  };
}

function curveTable(clip: number, encode: (linear: number) => number): CurveTable {
  const curve = renderingCurve(clip);
  const values = Float32Array.from({ length: CURVE_ENTRIES }, (_, i) =>
    encode(Math.min(1, curve((i / CURVE_STEPS) ** 2 * clip))),
  );
  return { values, top: clip };
}

let signals: Float32Array | null = null;

function signalTable(): Float32Array {
  signals ??= Float32Array.from({ length: CURVE_ENTRIES }, (_, i) =>
    encodeSrgb((i / CURVE_STEPS) ** 2),
  );
  return signals;
}

/** Stops from mid-grey of luminance. */
export const stopsFromGrey = (luminance: number): number =>
  Math.log2(Math.max(LEAST_LIGHT, luminance / MID_GREY));

const LEAST_LIGHT = 2 ** STOPS.least;
