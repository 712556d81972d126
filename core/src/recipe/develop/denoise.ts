import { mirror } from '../../sensor/demosaic';
import type { NoiseProfile } from '../../sensor/noiseProfile';
import { within, type BandPlanes } from './bandPlanes';

/** Noise of each colour of light that is to be cleaned: variance = scale * light + offset. */
export type ColourNoise = readonly [NoiseProfile, NoiseProfile, NoiseProfile];

/** Scales of detail that are looked at: noise of more than sixteen pixels is left. */
export const NOISE_SCALES = 4;

/** Pixels beside a piece that its cleaning reaches into. */
export const noiseMargin = (scales: number): number => 2 * (2 ** scales - 1);

/** What noise of 1 leaves in each scale of lightness and of the differences of colours. */
interface NoiseNorms {
  readonly lightness: readonly number[];
  readonly colour: readonly number[];
}

/** Of white noise in the undecimated transform with a B3 spline (Starck and Murtagh 1994). */
const B3_NORMS = [0.89, 0.201, 0.086, 0.041];
const WHITE: NoiseNorms = { lightness: B3_NORMS, colour: B3_NORMS };

/** Of demosaiced light, whose noise is shared by neighbours and colours: as measured. */
const DEMOSAICED: NoiseNorms = {
  lightness: [1.156, 0.335, 0.14, 0.067],
  colour: [0.259, 0.225, 0.143, 0.076],
};

/** Detail that is less than so many times its noise is taken for noise, at full strength. */
const LIGHTNESS_TIMES = 2.3;
const COLOUR_TIMES = 3.5;

/**
 * Takes noise out of the light in a band's planes, whose noise is known: made even by the
 * generalised Anscombe transform (Starck, Murtagh and Bijaoui 1998), separated into scales by the
 * undecimated wavelet transform with a B3 spline, shrunk there by the non-negative garrote (Gao
 * 1998), lightness less than colour, which the eye sees less finely.
 *
 * @param strength 0..1
 * @param demosaiced it was, from a mosaic, at full size
 */
export function denoise(
  planes: BandPlanes,
  noise: ColourNoise,
  strength: number,
  scales: number,
  demosaiced: boolean,
): void {
  if (strength <= 0 || scales < 1) return;
  const { loops, floats, constantsAt: at, columns, height } = planes;
  const norms = demosaiced ? DEMOSAICED : WHITE;
  const roots = noise.map(stabiliser);
  const eachRow = (loop: typeof loops.stabiliseRow): void => {
    for (let y = 0; y < height; y++)
      loop(planes.row('red', y), planes.row('green', y), planes.row('blue', y), columns, at);
  };
  floats.set(
    roots.flatMap(({ times, plus }) => [times, plus]),
    at >> 2,
  );
  eachRow(loops.stabiliseRow);
  // Of (red + 2 green + blue) / 4 and of differences, each of noise 1.
  const lightness = strength * LIGHTNESS_TIMES * Math.sqrt(6 / 16);
  shrinkPlane(planes, 'green', scales, lightness, norms.lightness);
  const colour = strength * COLOUR_TIMES * Math.SQRT2;
  for (const plane of ['red', 'blue'] as const)
    shrinkPlane(planes, plane, scales, colour, norms.colour);
  floats.set(
    roots.flatMap(({ back, minus }) => [back, minus]),
    at >> 2,
  );
  eachRow(loops.restoreRow);
}

/** 2 / a sqrt(a x + 3/8 a^2 + s^2), as `times * sqrt(x + plus)`; back with 1/8 in place of 3/8. */
function stabiliser({ scale, offset }: NoiseProfile) {
  const a = Math.max(1e-9, scale);
  return {
    times: 2 / Math.sqrt(a),
    plus: (3 / 8) * a + offset / a,
    back: a / 4,
    minus: a / 8 + offset / a,
  };
}

/** Shrinks the detail of a plane, scale by scale; what is coarser than all of them stays. */
function shrinkPlane(
  planes: BandPlanes,
  plane: 'red' | 'green' | 'blue',
  scales: number,
  times: number,
  norms: readonly number[],
): void {
  const { loops, floats, columns, height } = planes;
  for (let y = 0; y < height; y++) {
    const kept = planes.row('outBlue', y) >> 2;
    floats.fill(0, kept, kept + columns);
  }
  for (let scale = 0; scale < scales; scale++) {
    spline(planes, plane, 2 ** scale);
    const square = (times * norms[scale]) ** 2;
    for (let y = 0; y < height; y++)
      loops.shrinkRow(
        planes.row(plane, y),
        planes.row('outGreen', y),
        planes.row('outBlue', y),
        columns,
        square,
      );
  }
  for (let y = 0; y < height; y++)
    loops.addRow(planes.row(plane, y), planes.row('outBlue', y), columns);
}

/**
 * The spline 1, 4, 6, 4, 1 over a plane, both ways, its taps `step` apart, in outGreen; edges are
 * mirrored. Uses outRed.
 */
export function spline(planes: BandPlanes, plane: 'red' | 'green' | 'blue' | 'work', step: number) {
  const { loops, columns, height } = planes;
  for (let y = 0; y < height; y++) {
    const [a, b, c, d, e] = [-2, -1, 0, 1, 2].map((k) =>
      planes.row(plane, within(mirror(y + k * step, height), height)),
    );
    const row = planes.row('outRed', y);
    loops.splineRows(a, b, c, d, e, columns, row);
    planes.mirrorEnds(row, 2 * step);
    const [l2, l, r, r2] = [-2, -1, 1, 2].map((k) => row + 4 * k * step);
    loops.splineRows(l2, l, row, r, r2, columns, planes.row('outGreen', y));
  }
}
