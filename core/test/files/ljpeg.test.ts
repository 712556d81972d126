import fc from 'fast-check';
import { Decoder } from 'jpeg-lossless-decoder-js';
import { decodeLjpeg, encodeLjpeg, DngError } from '../../src/files';

const whole = (
  data: Uint16Array,
  width: number,
  height: number,
  components: number,
  precision = 16,
) =>
  encodeLjpeg({
    data,
    offset: 0,
    stride: width,
    available: width,
    availableRows: height,
    width,
    height,
    components,
    precision,
  });

function decode(bytes: Uint8Array, width: number, height: number): Uint16Array {
  const data = new Uint16Array(width * height);
  decodeLjpeg(bytes, width, height, {
    data,
    offset: 0,
    stride: width,
    keep: width,
    keepRows: height,
  });
  return data;
}

const noisy = (n: number, bits: number): Uint16Array =>
  Uint16Array.from({ length: n }, (_, i) => ((i * 2654435761) >>> 7) & ((1 << bits) - 1));

describe('lossless JPEG (ITU-T T.81 annex H)', () => {
  test('what goes in comes out: any values, sizes and components', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 9 }),
        fc.infiniteStream(
          fc.oneof(fc.integer({ min: 0, max: 65535 }), fc.constantFrom(0, 32768, 65535)),
        ),
        (components, columns, height, values) => {
          const width = columns * components;
          const data = Uint16Array.from({ length: width * height }, () => values.next().value!);
          expect(decode(whole(data, width, height, components), width, height)).toEqual(data);
        },
      ),
      { numRuns: 300 },
    );
  });

  test('compiled and in TypeScript: the same bytes, the same samples', () => {
    for (const [width, height, components, bits] of [
      [36, 9, 1, 16],
      [54, 7, 2, 12],
      [33, 5, 3, 16],
      [4, 1, 4, 2],
    ]) {
      const data = noisy(width * height, bits);
      data.set([0, 65535, 32768].slice(0, bits === 16 ? 3 : 0));
      const source = {
        data,
        offset: 0,
        stride: width,
        available: width - components,
        availableRows: Math.max(1, height - 1),
        width,
        height,
        components,
        precision: bits,
      };
      const bytes = encodeLjpeg(source);
      expect(encodeLjpeg(source, true)).toEqual(bytes);
      // Whatever the predictor says, both must make the same of it.
      const scan = bytes.findIndex((b, i) => b === 0xff && bytes[i + 1] === 0xda);
      for (let predictor = 1; predictor <= 7; predictor++) {
        bytes[scan + 5 + 2 * components] = predictor;
        const [fast, plain] = [false, true].map((isPlain) => {
          const out = new Uint16Array(width * height);
          const target = { data: out, offset: 0, stride: width, keep: width, keepRows: height };
          decodeLjpeg(bytes, width, height, target, isPlain);
          return out;
        });
        expect(fast).toEqual(plain);
      }
    }
  });

  test('a decoder that is not ours reads the same values', () => {
    const width = 200;
    const height = 90;
    for (const data of [noisy(width * height, 12), new Uint16Array(width * height).fill(777)]) {
      const bytes = whole(data, width, height, 1, 12);
      const theirs = new Decoder().decode(bytes.buffer as ArrayBuffer, 0, bytes.length, 2);
      expect(Array.from(theirs)).toEqual(Array.from(data));
    }
  });

  test('overhanging tiles are padded and the padding is dropped', () => {
    const data = noisy(10 * 7, 14);
    const bytes = encodeLjpeg({
      data,
      offset: 0,
      stride: 10,
      available: 10,
      availableRows: 7,
      width: 16,
      height: 16,
      components: 2,
      precision: 16,
    });
    const out = new Uint16Array(70);
    decodeLjpeg(bytes, 16, 16, { data: out, offset: 0, stride: 10, keep: 10, keepRows: 7 });
    expect(out).toEqual(data);
  });

  test('smooth data shrinks, noise does not grow by more than a tenth', () => {
    const ramp = Uint16Array.from({ length: 64000 }, (_, i) => i >> 5);
    expect(whole(ramp, 640, 100, 1).length).toBeLessThan(ramp.byteLength / 8);
    const noise = noisy(64000, 16);
    expect(whole(noise, 640, 100, 1).length).toBeLessThan(noise.byteLength * 1.25);
  });

  test('broken streams end in a clear error', () => {
    const good = whole(noisy(400, 12), 20, 20, 1);
    expect(() => decode(good.subarray(0, good.length / 2), 20, 20)).toThrow(DngError);
    expect(() => decode(good, 21, 20)).toThrow(/is 20 x 20 samples, not 21 x 20/);
    expect(() => decode(new Uint8Array([1, 2, 3]), 20, 20)).toThrow(DngError);
  });

  test('a stream of nothing but Huffman tables is refused at the fifth', () => {
    const good = whole(noisy(400, 12), 20, 20, 1);
    const at = good.indexOf(0xc4) - 1;
    const table = good.subarray(at, at + 2 + (good[at + 2] << 8) + good[at + 3]);
    const tables = [1, 2, 3, 4].map((id) => {
      const other = table.slice();
      other[4] = id;
      return other;
    });
    const withTables = (n: number): Uint8Array =>
      new Uint8Array(
        Buffer.concat([good.subarray(0, at), ...tables.slice(0, n), good.subarray(at)]),
      );
    expect(decode(withTables(3), 20, 20)).toEqual(noisy(400, 12));
    expect(() => decode(withTables(4), 20, 20)).toThrow(/too many Huffman tables/);
  });
});
