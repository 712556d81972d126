import { CFA_RGGB } from '../../sensor/sensorModel';
import { LADDER_BINS, ladderBinTable } from '../ladderScale';

export interface RawStatistics {
  /** Photosites per ladder bin: red, green, blue, `LADDER_BINS` each. */
  readonly histogram: Uint32Array;
  /** Mean raw value above black per channel. */
  readonly mean: readonly [number, number, number];
  /** Share of photosites at white level per channel, 0..1. */
  readonly clippedShare: readonly [number, number, number];
}

export interface RawLevels {
  readonly blackLevel: number;
  readonly whiteLevel: number;
  /** Share of saturation at which a surface metered at 0 lands. */
  readonly midGreyShare: number;
}

/**
 * Statistics of a stored raw: a Bayer mosaic (RGGB, one sample a photosite) or linear RGB (three
 * samples).
 *
 * @param samplesPerPixel 1 = mosaic, 3 = interleaved RGB
 */
export function rawStatistics(
  raw: Uint16Array,
  width: number,
  samplesPerPixel: 1 | 3,
  levels: RawLevels,
): RawStatistics {
  const { blackLevel, whiteLevel, midGreyShare } = levels;
  const bins = ladderBinTable(blackLevel, whiteLevel, midGreyShare);
  const histogram = new Uint32Array(3 * LADDER_BINS);
  const sums = [0, 0, 0];
  const clipped = [0, 0, 0];
  const counts = [0, 0, 0];
  const rowLength = width * samplesPerPixel;
  const rows = Math.floor(raw.length / rowLength);
  const phases = samplesPerPixel === 1 ? 2 : 3;
  for (let y = 0; y < rows; y++) {
    for (let phase = 0; phase < phases; phase++) {
      const channel = samplesPerPixel === 1 ? CFA_RGGB[((y & 1) << 1) | phase] : phase;
      const base = channel * LADDER_BINS;
      let sum = 0;
      let over = 0;
      let n = 0;
      for (let i = y * rowLength + phase; i < (y + 1) * rowLength; i += phases, n++) {
        const dn = raw[i] > whiteLevel ? whiteLevel : raw[i];
        histogram[base + bins[dn]]++;
        sum += dn;
        if (dn >= whiteLevel) over++;
      }
      sums[channel] += sum;
      clipped[channel] += over;
      counts[channel] += n;
    }
  }
  return {
    histogram,
    mean: [0, 1, 2].map((c) => sums[c] / counts[c] - blackLevel) as [number, number, number],
    clippedShare: [0, 1, 2].map((c) => clipped[c] / counts[c]) as [number, number, number],
  };
}
