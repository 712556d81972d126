import { transfer, wrap, type Remote } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import type { FrameRecord, StoredFile } from '../../rolls/frameRecord';
import type { FrameViewApi } from '../../workers/frameView.worker';
import { recordStages } from '../../state/stages';
import type { FrameSummary, Viewport } from './frameView';

/** A frame being looked at: its worker, and what its file says once it has been read. */
export interface OpenedFrame {
  readonly summary: FrameSummary | null;
  readonly error: string | null;
  readonly attach: (canvas: OffscreenCanvas) => void;
  readonly show: (viewport: Viewport) => void;
  readonly bytes: (file: StoredFile) => Promise<Uint8Array>;
}

interface Opening {
  readonly api: Remote<FrameViewApi>;
  readonly summary: FrameSummary | null;
  readonly error: string | null;
}

/** Opens a frame's DNG, or the picture it was developed to, in a worker of its own, closed with the screen. */
export function useFrameView(record: FrameRecord): OpenedFrame {
  const [opening, setOpening] = useState<Opening | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/frameView.worker.ts', import.meta.url));
    const api = wrap<FrameViewApi>(worker);
    const dng = record.files.find((f) => f.kind === 'dng') ?? record.files[0];
    let left = false;
    api.open(record.id, dng).then(
      ({ summary, stages }) => {
        recordStages('frame', stages);
        if (!left) setOpening({ api, summary, error: null });
      },
      (problem: unknown) => {
        const error = problem instanceof Error ? problem.message : 'The frame is broken.';
        if (!left) setOpening({ api, summary: null, error });
      },
    );
    return () => {
      left = true;
      worker.terminate();
    };
  }, [record]);
  return useMemo(
    () => ({
      summary: opening?.summary ?? null,
      error: opening?.error ?? null,
      attach: (canvas) => void opening?.api.attach(transfer(canvas, [canvas])),
      show: (viewport) => void opening?.api.show(viewport),
      bytes: async (file) => {
        if (!opening) throw new Error('The frame is still being opened.');
        return opening.api.bytes(record.id, file);
      },
    }),
    [opening, record],
  );
}
