import type { OutputSpace } from '../../colour/develop/outputSpace';
import { orientationOf, seenSize } from '../../files/orientation';
import type { DecodedRaw } from '../../files/rawFile';
import type { Development } from '../development';
import type { Pixels } from '../reframePixels';
import { RawDeveloping, type DevelopedPiece } from './rawDeveloping';

/** Rows developed at a time: few enough to stay in the cache. */
const ROWS = 16;
/** Where noise is taken out: enough for what lies about them to cost little. */
const CLEANED_ROWS = 128;

interface Output {
  readonly space: OutputSpace;
  /** Called with the share that is done. */
  readonly onShare?: (share: number) => void;
  /** Without WebAssembly in any case. */
  readonly plain?: boolean;
}

/** A raw developed at full size, upright: RGBA bytes, opaque. */
export function developBytes(
  decoded: DecodedRaw,
  development: Development,
  output: Output,
): Pixels<Uint8ClampedArray<ArrayBuffer>> {
  const size = uprightSize(decoded);
  const data = new Uint8ClampedArray(4 * size.width * size.height);
  const pixels = new Uint32Array(data.buffer);
  eachRow(decoded, development, output, (piece, y, at, step) => {
    const row = piece.bytes(y);
    const words = new Uint32Array(row.buffer, row.byteOffset, piece.width);
    if (step === 1) pixels.set(words, at);
    else for (let x = 0, o = at; x < words.length; x++, o += step) pixels[o] = words[x];
  });
  return { ...size, data, channels: 4 };
}

/** A raw developed at full size, upright: RGB of 16 bits. */
export function developWords(
  decoded: DecodedRaw,
  development: Development,
  output: Output,
): Pixels<Uint16Array<ArrayBuffer>> {
  const size = uprightSize(decoded);
  const data = new Uint16Array(3 * size.width * size.height);
  eachRow(decoded, development, output, (piece, y, at, step) => {
    const row = piece.words(y);
    if (step === 1) data.set(row, 3 * at);
    else
      for (let i = 0, o = 3 * at; i < row.length; i += 3, o += 3 * step)
        for (let c = 0; c < 3; c++) data[o + c] = row[i + c];
  });
  return { ...size, data, channels: 3 };
}

const uprightSize = ({ file }: DecodedRaw) => {
  const { width, height } = seenSize(orientationOf(file.orientation), file.raw.crop);
  return { width, height };
};

/** @param store puts row `y` of a piece at `at`, `at + step`, ... */
function eachRow(
  decoded: DecodedRaw,
  development: Development,
  { space, onShare, plain }: Output,
  store: (piece: DevelopedPiece, y: number, at: number, step: number) => void,
): void {
  const { crop } = decoded.file.raw;
  const { swapped, flippedX, flippedY } = orientationOf(decoded.file.orientation);
  const seen = uprightSize(decoded);
  const placeOf = (x: number, y: number): number => {
    const [u, v] = swapped ? [y, x] : [x, y];
    return (flippedY ? seen.height - 1 - v : v) * seen.width + (flippedX ? seen.width - 1 - u : u);
  };
  const developing = new RawDeveloping(decoded, plain);
  const rows = development.noise > 0 ? CLEANED_ROWS : ROWS;
  for (let top = 0; top < crop.height; top += rows) {
    const height = Math.min(rows, crop.height - top);
    const box = { x: 0, y: top, width: crop.width, height, factor: 1 };
    const piece = developing.develop(development, space, box);
    for (let y = 0; y < height; y++) {
      const at = placeOf(0, top + y);
      store(piece, y, at, placeOf(1, top + y) - at);
    }
    onShare?.((top + height) / crop.height);
  }
}
