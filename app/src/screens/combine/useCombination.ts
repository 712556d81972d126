import {
  NO_CORRECTIONS,
  type CombineChoices,
  type Corrections,
  type Dab,
  type MovedChoice,
  type WayId,
} from '@velmo/core/combine';
import { proxy, transfer } from 'comlink';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { momentAt } from '../../camera/files/frameJob';
import { combinedFrame } from '../../combine/combinedFrame';
import { sourceFile, type SourceKind } from '../../combine/sourceFile';
import type {
  CombineApi,
  CombinedFacts,
  CombineLook,
  SeenPlace,
} from '../../combine/combine.worker';
import { latestOnly } from '../../state/latestOnly';
import { keepFrame } from '../../storage/frames/frames';
import { FrameNotStored, type ListedFrame } from '../../storage/frames/madeFrame';
import { addUnsaved } from '../../storage/unsaved';
import { KeptWorker } from '../../workers/keptWorker';
import { WorkerLost } from '../../workers/startedWorker';

/** How far a frame at full size has got. */
export interface Making {
  readonly share: number;
  readonly elapsedS: number;
}

/** What is made of the frames, and what it can be asked. */
export interface Combination {
  /** What came of it; null while it is not there. */
  readonly facts: CombinedFacts | null;
  /** Frames read so far, while they are. */
  readonly reading: number | null;
  readonly problem: string | null;
  readonly making: Making | null;
  /** Stays the same function until there is another worker. */
  readonly attach: (canvas: OffscreenCanvas) => void;
  readonly show: (look: CombineLook) => void;
  readonly correct: (corrections: Corrections) => void;
  readonly movedAt: (x: number, y: number) => Promise<MovedChoice | null>;
  /** A stroke over the picture as seen as dabs over the raw. */
  readonly dabsAt: (
    stroke: readonly SeenPlace[],
    radius: number,
    frame: number,
  ) => Promise<readonly Dab[]>;
  /** Makes the frame and stores it; null where it was stopped or could not be. */
  readonly make: (choices: CombineChoices) => Promise<ListedFrame | null>;
  readonly stop: () => void;
}

const startWorker = (): KeptWorker<CombineApi> =>
  new KeptWorker(() => new Worker(new URL('../../combine/combine.worker.ts', import.meta.url)));

const whyNot = (error: unknown): string => {
  if (error instanceof WorkerLost)
    return 'Combining took more memory than this browser gives, or its part of Velmo could not be loaded. The frames are as they were: leave some out, or close other tabs, and try again.';
  return error instanceof Error ? error.message : 'The frames could not be combined.';
};

interface State {
  /** What it is a state of. */
  readonly of: string;
  readonly facts: CombinedFacts | null;
  readonly reading: number | null;
  readonly problem: string | null;
}

const NOTHING: State = { of: '', facts: null, reading: 0, problem: null };

/**
 * Combines frames in a worker of their own: small at once, at full size when that is asked for.
 *
 * @param kind what is combined of them
 * @param frames those that take part, in the order in which they were made
 */
export function useCombination(
  frames: readonly ListedFrame[],
  kind: SourceKind,
  way: WayId,
  corrections: Corrections,
): Combination {
  const [worker, setWorker] = useState(startWorker);
  const [state, setState] = useState(NOTHING);
  const [making, setMaking] = useState<Making | null>(null);
  const first = useRef(corrections);
  const stopped = useRef(false);
  const sources = frames.flatMap((frame) => {
    const file = sourceFile(frame, kind);
    return file ? [{ id: frame.record.id, file }] : [];
  });
  const key = `${way} ${sources.map(({ id }) => id).join(' ')}`;
  useEffect(() => () => worker.end(), [worker]);
  useEffect(() => {
    let left = false;
    const tell = (part: Partial<State>): void => {
      if (!left)
        setState((now) => ({ ...NOTHING, ...(now.of === key ? now : {}), of: key, ...part }));
    };
    if (sources.length < 2) {
      tell({ reading: null, problem: 'Two frames at least are needed.' });
      return;
    }
    tell({ facts: null, reading: 0, problem: null });
    const onFrame = proxy((done: number) => tell({ reading: done }));
    worker
      .call((api) => api.combine(way, sources, first.current, onFrame))
      .then(
        (facts) => tell({ facts, reading: null }),
        (error: unknown) => tell({ reading: null, problem: whyNot(error) }),
      );
    first.current = NO_CORRECTIONS;
    return () => {
      left = true;
    };
    // Decisions make frames anew; what is combined hangs on which they are.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [worker, key]);

  const attach = useCallback(
    (canvas: OffscreenCanvas): void =>
      void worker.call((api) => api.attach(transfer(canvas, [canvas]))).catch(() => {}),
    [worker],
  );
  const show = useMemo(() => {
    const shown = latestOnly((look: CombineLook) => worker.call((api) => api.show(look)));
    return (look: CombineLook): void => void shown(look).catch(() => {});
  }, [worker]);
  const correct = (made: Corrections): void =>
    void worker.call((api) => api.correct(made)).catch(() => {});
  const dabsAt: Combination['dabsAt'] = (stroke, radius, frame) =>
    worker.call((api) => api.dabsAt(stroke, radius, frame)).catch(() => []);
  const movedAt = (x: number, y: number): Promise<MovedChoice | null> =>
    worker.call((api) => api.movedAt(x, y)).catch(() => null);

  const make = async (choices: CombineChoices): Promise<ListedFrame | null> => {
    if (!state.facts) return null;
    const start = performance.now();
    const tell = (share: number): void =>
      setMaking({ share, elapsedS: (performance.now() - start) / 1000 });
    stopped.current = false;
    tell(0);
    try {
      const last = Math.max(...frames.map(({ record }) => record.capturedAt));
      const files = await worker.call((api) =>
        api.make(
          choices,
          momentAt(last),
          proxy((share: number) => tell(0.9 * share)),
        ),
      );
      const { made, naming } = combinedFrame(frames, state.facts, choices, files);
      return await keepFrame(
        made,
        naming,
        (share) => tell(0.9 + 0.1 * share),
        () => {},
      );
    } catch (error) {
      if (error instanceof FrameNotStored) addUnsaved(error);
      if (!stopped.current) setState((now) => ({ ...now, problem: whyNot(error) }));
      return null;
    } finally {
      setMaking(null);
    }
  };
  const stop = (): void => {
    stopped.current = true;
    first.current = corrections;
    // Another worker begins with what is small.
    worker.end();
    setWorker(startWorker());
    setMaking(null);
  };
  const now = state.of === key ? state : NOTHING;
  return { ...now, making, attach, show, correct, movedAt, dabsAt, make, stop };
}
