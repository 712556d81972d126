import { createRoutines, padded } from '../../wasm';
import { developRgb, MAX_TONE_STEPS, type Developer } from './develop';
import { DEVELOP_WASM } from './developWasm';

/** The inner loop; addresses in bytes. See core/assembly/develop.ts. */
interface DevelopRoutines {
  developPixels(
    raw: number,
    n: number,
    black: number,
    redShare: number,
    greenShare: number,
    blueShare: number,
    matrix: number,
    tone: number,
    steps: number,
    rgba: number,
  ): void;
}

const MATRIX = 64;
const TONE = MATRIX + 64;
const RAW = TONE + MAX_TONE_STEPS + 65;

/**
 * Develops frames of one size over and over: raw values are laid into `raw`, the picture is found
 * in `rgba`. Both live in the memory of the compiled loop, so that nothing is copied. Bytes can
 * differ by one from those of `developRgb`.
 */
export class DevelopingTable {
  /** Interleaved RGB raw values, `3 * pixels`, none above the developer's white level. */
  readonly raw: Uint16Array<ArrayBuffer>;
  /** Interleaved sRGB and alpha, `4 * pixels`, opaque after the first `develop`. */
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
  private readonly routines: DevelopRoutines | null;
  private readonly buffer: ArrayBuffer;
  private readonly rgbaAt: number;
  private readonly blocks: number;
  private laid: Developer | null = null;

  /** @param plain true: without WebAssembly in any case */
  constructor(pixels: number, plain = false) {
    this.blocks = 4 * Math.ceil(pixels / 4);
    this.rgbaAt = RAW + padded(6 * this.blocks);
    const bytes = this.rgbaAt + 4 * this.blocks;
    const made = createRoutines<DevelopRoutines | null>(DEVELOP_WASM, bytes, () => null, plain);
    this.buffer = made.buffer;
    this.routines = made.routines;
    this.raw = new Uint16Array(this.buffer, RAW, 3 * pixels);
    this.rgba = new Uint8ClampedArray(this.buffer, this.rgbaAt, 4 * pixels);
  }

  /** Develops what lies in `raw` into `rgba`. */
  develop(developer: Developer): void {
    const { routines, blocks, rgbaAt } = this;
    if (!routines) {
      developRgb(this.raw, developer, this.rgba);
      return;
    }
    if (this.laid !== developer) this.lay(developer);
    const { black, shares, tone } = developer;
    const steps = tone.length - 1;
    routines.developPixels(RAW, blocks, black, ...shares, MATRIX, TONE, steps, rgbaAt);
  }

  private lay(developer: Developer): void {
    const { matrix, tone } = developer;
    new Float32Array(this.buffer, MATRIX, 9).set(matrix.map((v) => v * (tone.length - 1)));
    new Uint8Array(this.buffer, TONE, tone.length).set(tone);
    this.laid = developer;
  }
}
