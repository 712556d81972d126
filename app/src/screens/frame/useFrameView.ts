import { transfer, wrap, type Remote } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import type { FrameRecord, StoredFile } from '../../rolls/frameRecord';
import type { FrameViewApi } from '../../workers/frameView.worker';
import type { FrameSummary, Viewport } from './frameView';

/** A frame being looked at: its worker, and what its file says once it has been read. */
export interface OpenedFrame {
  readonly summary: FrameSummary | null;
  readonly error: string | null;
  readonly attach: (canvas: OffscreenCanvas) => void;
  readonly show: (viewport: Viewport) => void;
  readonly bytes: (file: StoredFile) => Promise<Uint8Array>;
}

/** Opens a frame's DNG in a worker of its own, closed with the screen. */
export function useFrameView(record: FrameRecord): OpenedFrame {
  const [summary, setSummary] = useState<FrameSummary | null>(null);
  const [error, setError] = useState<string | null>(null);
  const [api, setApi] = useState<Remote<FrameViewApi> | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/frameView.worker.ts', import.meta.url));
    const remote = wrap<FrameViewApi>(worker);
    const dng = record.files.find((f) => f.kind === 'dng') ?? record.files[0];
    let left = false;
    setApi(() => remote);
    remote.open(record.id, dng).then(
      (result) => {
        if (!left) setSummary(result);
      },
      (problem: unknown) => {
        if (!left) setError(problem instanceof Error ? problem.message : 'The frame is broken.');
      },
    );
    return () => {
      left = true;
      worker.terminate();
    };
  }, [record]);
  return useMemo(
    () => ({
      summary,
      error,
      attach: (canvas) => void api?.attach(transfer(canvas, [canvas])),
      show: (viewport) => void api?.show(viewport),
      bytes: async (file) => {
        if (!api) throw new Error('The frame is still being opened.');
        return api.bytes(record.id, file);
      },
    }),
    [summary, error, api, record],
  );
}
