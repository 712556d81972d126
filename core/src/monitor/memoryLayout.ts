import { KeptRoutines, padded, type Routines } from '../wasm';
import { MONITOR_WASM } from './monitorWasm';
import { plainMonitor, type MonitorRoutines } from './plainMonitor';

/**
 * A memory of the monitors with room for frames of so many pixels and levels: addresses of what
 * lies in it.
 */
export interface MonitorMemory extends Routines<MonitorRoutines> {
  /**
   * The same loops in TypeScript over the same memory: for what is left over of blocks of pixels.
   */
  readonly plain: MonitorRoutines;
  readonly counts: number;
  /** Two sets of four tables, for even and odd pixels, of `levels` or 256 counts each. */
  readonly even: number;
  readonly odd: number;
  readonly marks: number;
  /** Raw values, or the developed picture. */
  readonly frame: number;
}

let plain: MonitorRoutines;
const kept = new KeptRoutines(MONITOR_WASM, plainMonitor, (buffer) => {
  plain = plainMonitor(buffer);
});

/** The memory layout for frames of this size. */
export function memoryLayout(pixels: number, levels: number, preferPlain: boolean): MonitorMemory {
  const tables = padded(4 * 4 * levels);
  const counts = 64;
  const even = counts + 64;
  const odd = even + tables;
  const marks = odd + tables;
  const frame = marks + padded(pixels);
  const { buffer, routines } = kept.of(frame + padded(6 * pixels), preferPlain);
  return { buffer, routines, plain, counts, even, odd, marks, frame };
}
