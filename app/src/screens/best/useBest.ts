import { rankFrames, type FrameMeasure, type RankedFrame } from '@velmo/core/rank';
import { useEffect, useState } from 'react';
import { takeFrameView, warmFrameViews } from '../../frame/frameViews';
import { rawOf, type ListedFrame } from '../../storage/frames/madeFrame';

/** A frame and where it stands among those of its stack. */
export interface Ranked extends RankedFrame {
  readonly frame: ListedFrame;
}

/** A stack whose frames are ranked, as far as they have been measured. */
export interface Best {
  /** Best first; empty until all are measured. */
  readonly ranked: readonly Ranked[];
  /** Frames without a raw, or whose raw could not be read. */
  readonly unmeasured: readonly ListedFrame[];
  /** How many are measured, of how many. */
  readonly done: number;
  readonly count: number;
  /** Why they cannot be compared. */
  readonly problem: string | null;
}

/** What was measured before, as long as the page is open: frames do not change. */
const known = new Map<string, FrameMeasure>();
const MAX_KNOWN = 400;

function remember(id: string, measure: FrameMeasure): void {
  known.set(id, measure);
  for (const oldest of known.keys()) {
    if (known.size <= MAX_KNOWN) break;
    known.delete(oldest);
  }
}

/** Measures the frames of a stack one after the other, in a worker, and ranks them. */
export function useBest(frames: readonly ListedFrame[]): Best {
  const ids = frames.map(({ record }) => record.id).join(' ');
  const [read, setRead] = useState({ ids: '', done: 0 });
  useEffect(() => {
    if (ids === '') return;
    let left = false;
    const worker = takeFrameView();
    const measure = async (): Promise<void> => {
      for (const [n, frame] of frames.entries()) {
        const { id, focusedAt } = frame.record;
        const file = rawOf(frame);
        if (file && !known.has(id))
          try {
            remember(id, await worker.call((api) => api.measure(id, file, focusedAt)));
          } catch {
            // It is listed as not measured.
          }
        if (left) return;
        setRead({ ids, done: n + 1 });
      }
    };
    void measure();
    return () => {
      left = true;
      worker.end();
      warmFrameViews();
    };
    // Frames come anew with every decision; what is measured hangs on which they are.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [ids]);
  const done = read.ids === ids ? read.done : 0;
  const count = frames.length;
  if (done < count) return { ranked: [], unmeasured: [], done, count, problem: null };
  const measured = frames.filter(({ record }) => known.has(record.id));
  const unmeasured = frames.filter(({ record }) => !known.has(record.id));
  try {
    const ranked = rankFrames(measured.map(({ record }) => known.get(record.id)!));
    return {
      ranked: ranked.map((one) => ({ ...one, frame: measured[one.index] })),
      unmeasured,
      done,
      count,
      problem: null,
    };
  } catch {
    const problem = 'These frames have different sizes: they cannot be compared.';
    return { ranked: [], unmeasured: frames, done, count, problem };
  }
}
