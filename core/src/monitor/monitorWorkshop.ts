import { createRoutines, type Routines } from '../wasm';
import { MONITOR_WASM } from './monitorWasm';
import { plainMonitor, type MonitorRoutines } from './plainMonitor';

/** A memory of the monitors with room for frames of so many pixels and levels: addresses of what lies in it. */
export interface MonitorWorkshop extends Routines<MonitorRoutines> {
  /** The same loops in TypeScript over the same memory: for what is left over of blocks of pixels. */
  readonly plain: MonitorRoutines;
  readonly pixels: number;
  readonly levels: number;
  readonly isPlain: boolean;
  readonly counts: number;
  /** Two sets of four tables, for even and odd pixels, of `levels` or 256 counts each. */
  readonly even: number;
  readonly odd: number;
  readonly marks: number;
  /** Raw values, or the developed picture. */
  readonly frame: number;
}

const padded = (bytes: number): number => 16 * Math.ceil(bytes / 16) + 64;

let kept: MonitorWorkshop | null = null;

/** The workshop for frames of this size; made once, and anew when one is too small. */
export function monitorWorkshop(pixels: number, levels: number, isPlain: boolean): MonitorWorkshop {
  if (kept && kept.pixels >= pixels && kept.levels >= levels && kept.isPlain === isPlain)
    return kept;
  const tables = padded(4 * 4 * levels);
  const counts = 64;
  const even = counts + 64;
  const odd = even + tables;
  const marks = odd + tables;
  const frame = marks + padded(pixels);
  const made = createRoutines(MONITOR_WASM, frame + padded(6 * pixels), plainMonitor, isPlain);
  const plain = plainMonitor(made.buffer);
  kept = { ...made, plain, pixels, levels, isPlain, counts, even, odd, marks, frame };
  return kept;
}
