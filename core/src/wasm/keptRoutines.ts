import { createRoutines, type Routines } from './wasmModule';

/**
 * Bytes in whole vectors, with room behind for loops that reach a little beyond what they were
 * given.
 */
export const padded = (bytes: number): number => 16 * Math.ceil(bytes / 16) + 64;

/**
 * Pixels that a loop over a whole live frame copies in and out at a time: as many as stay in the
 * processor's cache, and whole vectors of any kind.
 */
export const PORTION = 8192;

/**
 * Routines whose memory is kept from call to call, and made anew only when it is too small: one set
 * for each module.
 */
export class KeptRoutines<T> {
  private kept: Routines<T> | null = null;
  private bytes = 0;
  private isPlain = false;

  /**
   * @param base64 a module that exports its memory as "memory"
   * @param plain the same routines in TypeScript over a buffer
   * @param lay writes into a new memory what stays there
   */
  constructor(
    private readonly base64: string,
    private readonly plain: (buffer: ArrayBuffer) => T,
    private readonly lay: (buffer: ArrayBuffer) => void = () => {},
  ) {}

  /**
   * Routines over a memory of at least this many bytes; `preferPlain`: without WebAssembly in any
   * case.
   */
  of(bytes: number, preferPlain: boolean): Routines<T> {
    if (this.kept && this.bytes >= bytes && this.isPlain === preferPlain) return this.kept;
    this.kept = createRoutines(this.base64, bytes, this.plain, preferPlain);
    this.bytes = bytes;
    this.isPlain = preferPlain;
    this.lay(this.kept.buffer);
    return this.kept;
  }
}
