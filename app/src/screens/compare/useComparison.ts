import { transfer } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import type { ComparedFrames } from '../../frame/compareFrames';
import type { FrameViewApi } from '../../frame/frameView.worker';
import { takeFrameView, warmFrameViews } from '../../frame/frameViews';
import type { Viewport } from '../../frame/shownPicture';
import { latestOnly } from '../../state/latestOnly';
import { rawOf, type ListedFrame } from '../../storage/frames/madeFrame';
import type { KeptWorker } from '../../workers/keptWorker';
import type { Moved } from '../frame/frameLook';

/** How two frames differ. */
export interface Comparison {
  readonly compared: ComparedFrames | null;
  /** Why they are not compared. */
  readonly problem: string | null;
  /** How they differ as a picture: on a canvas, laid upon one another. Null where there is none. */
  readonly picture: {
    readonly attach: (canvas: OffscreenCanvas) => void;
    readonly show: (viewport: Viewport, moved: Moved) => Promise<boolean>;
  } | null;
}

const NO_RAW = 'One of them is a finished picture without a raw: nothing to compare it by.';

interface Result {
  readonly worker: KeptWorker<FrameViewApi> | null;
  readonly compared: ComparedFrames | null;
  readonly problem: string | null;
}

const COMPARING: Result = { worker: null, compared: null, problem: null };

/** Compares the raws of two frames, in a worker of their own. */
export function useComparison(a: ListedFrame, b: ListedFrame): Comparison {
  const [result, setResult] = useState(COMPARING);
  const [first, second] = [a.record.id, b.record.id];
  useEffect(() => {
    const [fileA, fileB] = [rawOf(a), rawOf(b)];
    if (!fileA || !fileB) return;
    let left = false;
    const worker = takeFrameView();
    worker
      .call((api) => api.compare({ id: first, file: fileA }, { id: second, file: fileB }))
      .then(
        (compared) => !left && setResult({ worker, compared, problem: null }),
        (error: unknown) =>
          !left &&
          setResult({
            ...COMPARING,
            problem: error instanceof Error ? error.message : 'The raws could not be read.',
          }),
      );
    return () => {
      left = true;
      setResult(COMPARING);
      worker.end();
      warmFrameViews();
    };
    // Decisions make frames anew; their raws stay what they are.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [first, second]);
  const { worker, compared, problem } = result;
  const picture = useMemo((): Comparison['picture'] => {
    if (!worker || !compared?.raw) return null;
    const shown = latestOnly(async (viewport: Viewport, moved: Moved) => {
      await worker.call((api) => api.lay(moved));
      return worker.call((api) => api.show(viewport, null));
    });
    return {
      attach: (canvas) =>
        void worker.call((api) => api.attach(transfer(canvas, [canvas]))).catch(() => {}),
      show: async (viewport, moved) => (await shown(viewport, moved).catch(() => false)) ?? false,
    };
  }, [worker, compared]);
  return rawOf(a) && rawOf(b)
    ? { compared, problem, picture }
    : { compared: null, problem: NO_RAW, picture: null };
}
