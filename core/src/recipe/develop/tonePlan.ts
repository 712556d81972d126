import { asShotNeutral, balancedCameraToSrgb, whiteFromNeutral } from '../../colour/cameraProfile';
import { multiplyMat, type Mat3, type Vec3 } from '../../colour/mat3';
import { SRGB_TO_P3, type OutputSpace } from '../../colour/develop/outputSpace';
import { renderingCurve } from '../../colour/develop/renderingCurve';
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
  /** null: tones are not moved. */
  readonly local: LocalGains | null;
  /** The curve's values over `index`, and beyond it 1. */
  readonly curve: CurveTable;
  /** From linear sRGB to the output's, where that is another. */
  readonly toOutput: Mat3 | null;
  /** Display-linear 0..1 to the signal, over its square root; used where there is `toOutput`. */
  readonly signal: Float32Array;
}

/** How light is moved by its own tone, and by that of its neighbourhood. */
export interface LocalGains {
  /** Stops by which contrast moves light that is far from mid-grey, and how fast it gets there. */
  readonly contrast: { readonly stops: number; readonly perStop: number };
  readonly highlights: ToneRange;
  readonly shadows: ToneRange;
}

/** Stops by which a range of tones is moved; its ramp goes from 0 to 1 over stops from mid-grey. */
interface ToneRange {
  readonly stops: number;
  readonly offset: number;
  readonly slope: number;
}

/** Entries at square roots of light, 0..top. */
export interface CurveTable {
  readonly values: Float32Array;
  /** The light at which it ends. */
  readonly top: number;
}

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
const MIN_SUM = 0.2;

function greyRows([r, g, b]: Vec3): Mat3 {
  const sum = Math.max(MIN_SUM, r + g + b);
  const row = [r / sum, g / sum, b / sum] as const;
  return [...row, ...row, ...row];
}

/** A ramp that begins and ends so many stops from mid-grey. */
const rangeOf = (stops: number, from: number, to: number): ToneRange => ({
  stops,
  offset: -from / (to - from),
  slope: 1 / (to - from),
});

/** Stops are placed so that brightening never turns dark and light about. */
function localGains({ contrast, highlights, shadows }: Development): LocalGains | null {
  if (contrast === 0 && highlights === 0 && shadows === 0) return null;
  return {
    contrast: { stops: contrast * CONTRAST_SLOPE * CONTRAST_REACH, perStop: 1 / CONTRAST_REACH },
    highlights: rangeOf(highlights * HIGHLIGHT_STOPS, -0.5, 3.2),
    shadows: rangeOf(shadows * SHADOW_STOPS, 0.3, -5),
  };
}

/** The same as numbers, as the loops read them. */
export const gainNumbers = ({ contrast, highlights, shadows }: LocalGains): number[] => [
  contrast.stops,
  contrast.perStop,
  ...[highlights, shadows].flatMap(({ stops, offset, slope }) => [stops, offset, slope]),
];

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
  Math.log2(Math.max(MIN_LIGHT, luminance / MID_GREY));

/** Darker than this there is only noise. */
const MIN_LIGHT = 2 ** -16;
