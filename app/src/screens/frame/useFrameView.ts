import { transfer } from 'comlink';
import { takeFrameView, warmFrameViews } from '../../frame/frameViews';
import { KeptWorker } from '../../workers/keptWorker';
import { WorkerLost } from '../../workers/startedWorker';
import { useEffect, useMemo, useState } from 'react';
import type { FrameRecord, StoredFile } from '../../storage/frameRecord';
import type { FrameViewApi } from '../../frame/frameView.worker';
import { recordStages } from '../../state/stages';
import type { FrameSummary, Viewport } from '../../frame/frameView';

/** A frame being looked at: its worker, and what its file says once it has been read. */
export interface OpenedFrame {
  readonly summary: FrameSummary | null;
  readonly error: string | null;
  readonly attach: (canvas: OffscreenCanvas) => void;
  readonly show: (viewport: Viewport) => void;
  readonly bytes: (file: StoredFile) => Promise<Uint8Array<ArrayBuffer>>;
}

interface Opening {
  readonly worker: KeptWorker<FrameViewApi>;
  readonly summary: FrameSummary | null;
  readonly error: string | null;
}

/** Workers that are tried for one frame. */
const MAX_TRIES = 3;

const whyNot = (problem: unknown): string => {
  if (problem instanceof WorkerLost)
    return 'The part of Velmo that reads frames stopped, or could not be loaded. The frame is still stored: go back and open it again.';
  return problem instanceof Error ? problem.message : 'The frame is broken.';
};

/**
 * Opens a frame's DNG, or the picture it was developed to, in a worker of its own, closed with the
 * screen.
 */
export function useFrameView(record: FrameRecord): OpenedFrame {
  const [opening, setOpening] = useState<Opening | null>(null);
  useEffect(() => {
    const worker = takeFrameView();
    const dng = record.files.find((f) => f.kind === 'dng') ?? record.files[0];
    let left = false;
    let tries = 0;
    const open = async (): Promise<void> => {
      tries++;
      const { summary, stages } = await worker.call((api) => api.open(record.id, dng));
      recordStages('frame', stages);
      if (left) return;
      // A new one each time: it is given a new canvas.
      setOpening({ worker, summary, error: null });
      worker.lost().catch(again);
    };
    // Another worker may do what one that went could not, also while the frame is shown.
    const again = (problem: unknown): void => {
      if (left) return;
      if (problem instanceof WorkerLost && tries < MAX_TRIES) open().catch(again);
      else setOpening({ worker, summary: null, error: whyNot(problem) });
    };
    open().catch(again);
    return () => {
      left = true;
      worker.end();
      warmFrameViews();
    };
  }, [record]);
  return useMemo(
    () => ({
      summary: opening?.summary ?? null,
      error: opening?.error ?? null,
      attach: (canvas) =>
        void opening?.worker.call((api) => api.attach(transfer(canvas, [canvas]))).catch(() => {}),
      show: (viewport) => void opening?.worker.call((api) => api.show(viewport)).catch(() => {}),
      bytes: async (file) => {
        if (!opening) throw new Error('The frame is still being opened.');
        return opening.worker.call((api) => api.bytes(record.id, file));
      },
    }),
    [opening, record],
  );
}
