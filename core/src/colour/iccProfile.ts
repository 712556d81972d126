import { bradfordAdaptation } from './adaptation';
import { xyzFromChromaticity } from './chromaticity';
import { CIE_D65 } from './illuminants';
import { multiplyMat, type Mat3 } from './mat3';
import { spaceToXyz, type OutputSpace } from './develop/outputSpace';

/** D50 of the profile connection space (ICC.1:2010). */
const PCS_D50 = [0.9642, 1, 0.8249] as const;

const ascii = (text: string): number[] => Array.from(text, (c) => c.charCodeAt(0));
const u32 = (v: number): number[] => [(v >>> 24) & 255, (v >>> 16) & 255, (v >>> 8) & 255, v & 255];
const s15f16 = (v: number): number[] => u32(Math.round(v * 65536));

const xyzTag = (values: readonly number[]): number[] => [
  ...ascii('XYZ '),
  ...u32(0),
  ...values.flatMap(s15f16),
];

/** A tag of one English text (multiLocalizedUnicodeType). */
const textTag = (text: string): number[] => [
  ...ascii('mluc'),
  ...u32(0),
  ...u32(1),
  ...u32(12),
  ...ascii('enUS'),
  ...u32(2 * text.length),
  ...u32(28),
  ...Array.from(text).flatMap((c) => [0, c.charCodeAt(0)]),
];

/** The curve of IEC 61966-2-1 as parametricCurveType 3: g, a, b, c, d. */
const CURVE = [
  ...ascii('para'),
  ...u32(0),
  0,
  3,
  0,
  0,
  ...[2.4, 1 / 1.055, 0.055 / 1.055, 1 / 12.92, 0.04045].flatMap(s15f16),
];

const NAMES: Readonly<Record<OutputSpace, string>> = {
  srgb: 'sRGB',
  'display-p3': 'Display P3',
};

/**
 * An ICC profile (ICC.1:2010, version 4.3) that says what a picture's numbers stand for: a matrix,
 * and the curve of sRGB (IEC 61966-2-1); about 500 bytes.
 */
export function iccProfile(space: OutputSpace): Uint8Array {
  const adapt = bradfordAdaptation(xyzFromChromaticity(CIE_D65), PCS_D50);
  const primaries: Mat3 = multiplyMat(adapt, spaceToXyz(space));
  const column = (c: number): number[] => [primaries[c], primaries[3 + c], primaries[6 + c]];
  const tags: readonly (readonly [string, number[]])[] = [
    ['desc', textTag(NAMES[space])],
    ['cprt', textTag('No copyright, use freely')],
    ['wtpt', xyzTag(PCS_D50)],
    ['chad', [...ascii('sf32'), ...u32(0), ...adapt.flatMap(s15f16)]],
    ['rXYZ', xyzTag(column(0))],
    ['gXYZ', xyzTag(column(1))],
    ['bXYZ', xyzTag(column(2))],
    ['rTRC', CURVE],
    ['gTRC', CURVE],
    ['bTRC', CURVE],
  ];
  const table: number[] = [];
  const body: number[] = [];
  const start = 128 + 4 + 12 * tags.length;
  const placed = new Map<number[], number>();
  for (const [name, data] of tags) {
    // Red, green and blue have the same curve.
    if (!placed.has(data)) {
      placed.set(data, start + body.length);
      body.push(...data, ...new Array<number>((4 - (data.length % 4)) % 4).fill(0));
    }
    table.push(...ascii(name), ...u32(placed.get(data)!), ...u32(data.length));
  }
  const size = start + body.length;
  const header = [
    ...u32(size),
    ...u32(0),
    ...u32(0x04300000),
    ...ascii('mntrRGB XYZ '),
    // 2026-01-01, the day this profile was laid down.
    ...[2026, 1, 1, 0, 0, 0].flatMap((v) => [v >> 8, v & 255]),
    ...ascii('acsp'),
    ...new Array<number>(24).fill(0),
    ...u32(0),
    ...PCS_D50.flatMap(s15f16),
    ...new Array<number>(48).fill(0),
  ];
  return Uint8Array.from([...header, ...u32(tags.length), ...table, ...body]);
}
