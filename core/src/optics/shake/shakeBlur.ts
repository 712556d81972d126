import { KeptRoutines } from '../../wasm';
import type { BlurKernel } from './shakeKernel';
import { SHAKE_WASM } from './shakeWasm';

/** The inner loop; addresses in bytes. See core/assembly/shake.ts. */
interface ShakeRoutines {
  blurRow(from: number, n: number, taps: number, last: number, out: number): void;
}

/** The same in TypeScript. */
function plainRoutines(buffer: ArrayBuffer): ShakeRoutines {
  const floats = new Float32Array(buffer);
  const words = new Int32Array(buffer);
  return {
    blurRow(from, n, taps, last, out) {
      floats.fill(0, out >> 2, (out >> 2) + n);
      for (let tap = taps; tap < last; tap += 8) {
        const at = (from + words[tap >> 2]) >> 2;
        const share = floats[(tap >> 2) + 1];
        for (let i = 0, o = out >> 2; i < n; i++, o++) floats[o] += share * floats[at + i];
      }
    },
  };
}

const kept = new KeptRoutines(SHAKE_WASM, plainRoutines);

const TAPS = 64;
const BLOCK = 16;

/**
 * Blurs rows of an interleaved RGB picture by a kernel. Light from beyond the picture's sides is
 * taken from its edge.
 *
 * @param rgb `width` x `height` pixels
 * @param firstRow row of `rgb` the output starts at; rows around it within the kernel's reach are
 *   read where there are any
 * @param out receives `rows` rows
 * @param plain true: without WebAssembly in any case
 */
export function blurRows(
  rgb: Float32Array,
  width: number,
  height: number,
  { dx, dy, share, reach }: BlurKernel,
  firstRow: number,
  rows: number,
  out: Float32Array,
  plain = false,
): void {
  const stride = 3 * width;
  const blocks = BLOCK * Math.ceil(stride / BLOCK);
  // A row as it is laid: the picture's, its edge pixels repeated on either side.
  const laid = blocks + 6 * reach;
  const rowsAt = TAPS + 16 * Math.ceil(share.length / 2);
  const lineAt = rowsAt + 16 * Math.ceil((laid * (rows + 2 * reach)) / 4);
  const { buffer, routines } = kept.of(lineAt + 4 * blocks, plain);
  const floats = new Float32Array(buffer);
  const words = new Int32Array(buffer);
  for (let k = 0; k < share.length; k++) {
    words[TAPS / 4 + 2 * k] = 4 * (laid * (dy[k] + reach) + 3 * (dx[k] + reach));
    floats[TAPS / 4 + 2 * k + 1] = share[k];
  }
  for (let row = 0; row < rows + 2 * reach; row++) {
    const y = Math.min(height - 1, Math.max(0, firstRow + row - reach));
    const at = rowsAt / 4 + row * laid;
    const [from, last] = [y * stride, (y + 1) * stride];
    floats.set(rgb.subarray(from, last), at + 3 * reach);
    for (let i = 0; i < 3 * reach; i++) {
      floats[at + i] = rgb[from + (i % 3)];
      floats[at + 3 * reach + stride + i] = rgb[last - 3 + (i % 3)];
    }
  }
  const line = floats.subarray(lineAt / 4, lineAt / 4 + stride);
  for (let row = 0; row < rows; row++) {
    routines.blurRow(rowsAt + 4 * row * laid, blocks, TAPS, TAPS + 8 * share.length, lineAt);
    out.set(line, row * stride);
  }
}
