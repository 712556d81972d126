import { KeptRoutines } from '../../../wasm';
import { LONG_ENTRY } from './huffman';
import { LJPEG_WASM } from './ljpegWasm';

/** The inner loops; addresses in bytes. See core/assembly/ljpeg.ts. */
export interface LjpegRoutines {
  countCategories(
    samples: number,
    width: number,
    height: number,
    components: number,
    first: number,
    counts: number,
  ): void;
  writeCodes(
    samples: number,
    width: number,
    height: number,
    components: number,
    first: number,
    codes: number,
    lengths: number,
    to: number,
  ): number;
  decodeRow(
    state: number,
    end: number,
    tables: number,
    components: number,
    width: number,
    predictor: number,
    first: number,
    row: number,
    above: number,
  ): number;
}

/** How the next code is read: bits not used yet, how many, where the next come from. */
export const STATE = { bits: 0, held: 8, at: 12 } as const;

const categoryOf = (d: number): number => (d === -32768 ? 16 : 32 - Math.clz32(d < 0 ? -d : d));

/** T.81 table H.1: a = left, b = above, c = above left. */
function predictFrom(predictor: number, a: number, b: number, c: number): number {
  if (predictor === 2) return b;
  if (predictor === 3) return c;
  if (predictor === 4) return a + b - c;
  if (predictor === 5) return a + ((b - c) >> 1);
  if (predictor === 6) return b + ((a - c) >> 1);
  return predictor === 7 ? (a + b) >> 1 : a;
}

/** The same in TypeScript. */
function plainRoutines(buffer: ArrayBuffer): LjpegRoutines {
  const bytes = new Uint8Array(buffer);
  const samples16 = new Uint16Array(buffer);
  const words = new Int32Array(buffer);

  function eachDifference(
    samples: number,
    width: number,
    height: number,
    components: number,
    first: number,
    take: (d: number) => void,
  ): void {
    for (let y = 0, i = samples >> 1; y < height; y++)
      for (let x = 0; x < width; x++, i++) {
        const above = y === 0 ? first : samples16[i - width];
        const predicted = x < components ? above : samples16[i - components];
        take(((samples16[i] - predicted) << 16) >> 16);
      }
  }

  return {
    countCategories(samples, width, height, components, first, counts) {
      eachDifference(samples, width, height, components, first, (d) => {
        words[(counts >> 2) + categoryOf(d)]++;
      });
    },

    writeCodes(samples, width, height, components, first, codes, lengths, to) {
      let accumulator = 0;
      let held = 0;
      let out = to;
      const putBits = (value: number, length: number): void => {
        accumulator = (accumulator << length) | value;
        held += length;
        while (held >= 8) {
          held -= 8;
          const byte = (accumulator >>> held) & 255;
          bytes[out++] = byte;
          if (byte === 255) bytes[out++] = 0;
        }
      };
      eachDifference(samples, width, height, components, first, (d) => {
        const category = categoryOf(d);
        // Category and extra bits are put in turn, so that no more than 16 + 7 bits are ever held.
        putBits(words[(codes >> 2) + category], words[(lengths >> 2) + category]);
        const extra = category & 15;
        if (extra > 0) putBits((d < 0 ? d - 1 : d) & ((1 << extra) - 1), extra);
      });
      // The last byte is filled with ones.
      if (held > 0) putBits((1 << (8 - held)) - 1, 8 - held);
      return out;
    },

    decodeRow(state, end, tables, components, width, predictor, first, row, above) {
      const [bitsAt, heldAt, atAt] = [STATE.bits, STATE.held, STATE.at].map(
        (o) => (state + o) >> 2,
      );
      let accumulator = words[bitsAt];
      let held = words[heldAt];
      let at = words[atAt];
      const next = (): number => (at < end ? bytes[at++] : (at++, 0));
      const isPlain = first !== 0 || predictor === 1;
      for (let x = 0, o = row >> 1, up = above >> 1; x < width; x++, o++, up++) {
        for (; held <= 24; held += 8) accumulator = (accumulator << 8) | next();
        const lookup = words[(tables >> 2) + (x % components)] >> 2;
        const entry = words[lookup + ((accumulator >>> (held - 16)) & 0xffff)];
        const used = entry & 255;
        if (used === 0) return 0;
        let d = entry >> 16;
        if (used === LONG_ENTRY) {
          const category = d & 255;
          held -= (entry >> 8) & 255;
          for (; held < category; held += 8) accumulator = (accumulator << 8) | next();
          held -= category;
          const extra = (accumulator >>> held) & ((1 << category) - 1);
          d = extra < 1 << (category - 1) ? extra - (1 << category) + 1 : extra;
        } else held -= used;
        let predicted = first !== 0 ? first : samples16[up];
        if (x >= components) {
          predicted = samples16[o - components];
          if (!isPlain)
            predicted = predictFrom(
              predictor,
              predicted,
              samples16[up],
              samples16[up - components],
            );
        }
        samples16[o] = predicted + d;
      }
      words[bitsAt] = accumulator;
      words[heldAt] = held;
      words[atAt] = at;
      return 1;
    },
  };
}

/** One memory for all streams: a tile's samples and bytes, or a stream's, look-ups and two rows. */
export const ljpegRoutines = new KeptRoutines(LJPEG_WASM, plainRoutines);
