import type { ClickRange } from '../exposure/solver';
import type { ExposureContext } from './exposureContext';

/** Colouring of a stretch of a tape: what the control does to the picture there. */
export interface Band {
  readonly id:
    | 'shakes'
    | 'smears'
    | 'trails'
    | 'lamps'
    | 'noise'
    | 'extended'
    | 'reach'
    | 'sharp'
    | 'lens'
    | `step-${number}`;
  /** First and last click of the stretch. */
  readonly from: number;
  readonly to: number;
  /** Short text printed on it. */
  readonly label: string;
  /** The number behind it, in a sentence. */
  readonly detail: string;
  /** 'fault' spoils the picture, 'caution' may, 'note' only tells, 'zone' is where it is sharp. */
  readonly weight: 'fault' | 'caution' | 'note' | 'zone';
  /** Grade within a family of bands, 0..3: noise from clean to coarse. */
  readonly grade?: number;
}

/** One consequence, one file: the bands it prints on a tape of this range. */
export type BandRule = (context: ExposureContext, range: ClickRange) => readonly Band[];

/** Stretches of a range in which a predicate holds. */
export function stretches(
  range: ClickRange,
  holds: (click: number) => boolean,
): { from: number; to: number }[] {
  const found: { from: number; to: number }[] = [];
  for (let click = range.min; click <= range.max; click++) {
    if (!holds(click)) continue;
    const last = found[found.length - 1];
    if (last?.to === click - 1) last.to = click;
    else found.push({ from: click, to: click });
  }
  return found;
}
