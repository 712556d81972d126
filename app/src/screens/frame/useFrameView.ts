import type { Plane, Shift } from '@velmo/core/combine';
import type { NeutralReading } from '@velmo/core/colour';
import type { Reframe } from '@velmo/core/recipe';
import { transfer, type Remote } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import type { FrameMarks } from '../../frame/frameMarks';
import type { FrameReading, FrameSummary } from '../../frame/frameView';
import type { DevelopOrder } from '../../frame/framedFile';
import type { FrameViewApi, SavedFile } from '../../frame/frameView.worker';
import { endResting, restFrame, takeFrame } from '../../frame/openFrames';
import type { Viewport } from '../../frame/shownPicture';
import { latestOnly } from '../../state/latestOnly';
import { recordStages } from '../../state/stages';
import { rawOrPicture, type FrameRecord, type StoredFile } from '../../storage/frames/frameRecord';
import { KeptWorker } from '../../workers/keptWorker';
import { WorkerLost } from '../../workers/startedWorker';

/** A frame being looked at: its worker, and what its file says once it has been read. */
export interface OpenedFrame {
  readonly summary: FrameSummary | null;
  readonly error: string | null;
  readonly attach: (canvas: OffscreenCanvas) => void;
  /** True once it is drawn; false where it is not, or something newer is wanted by then. */
  readonly show: (viewport: Viewport, marks: FrameMarks | null) => Promise<boolean>;
  readonly read: (
    at: { readonly x: number; readonly y: number },
    radius: number,
    reframe: Reframe,
  ) => Promise<FrameReading | null>;
  readonly bytes: (file: StoredFile) => Promise<Uint8Array<ArrayBuffer>>;
  /** A file as the frame is to be seen. */
  readonly framed: (file: StoredFile, reframe: Reframe) => Promise<SavedFile>;
  /** A raw developed to a file, as the frame is to be seen. */
  readonly developed: (file: StoredFile, order: DevelopOrder) => Promise<SavedFile>;
  /** The light under which a place, 0..1 of what is seen, is neutral. */
  readonly neutralAt: (
    at: { readonly x: number; readonly y: number },
    reframe: Reframe,
  ) => Promise<NeutralReading | null>;
  /** The whole as a small plane of tones; null while it is not open. */
  readonly plane: () => Promise<Plane | null>;
  /** How far the second of two planes has moved against the first, by this frame's worker. */
  readonly align: (first: Plane, second: Plane) => Promise<Shift | null>;
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
 * Opens a frame's DNG, or the picture it was developed to, in a worker of its own. It rests when it
 * is left, until the screen goes.
 *
 * @param record null: nothing is opened
 * @param seenBy which of its files; null: its raw, or the picture it was developed to
 */
export function useFrameView(
  record: FrameRecord | null,
  seenBy: StoredFile | null = null,
): OpenedFrame {
  const [opening, setOpening] = useState<Opening | null>(null);
  useEffect(() => {
    if (!record) return;
    const file = seenBy ?? rawOrPicture(record);
    const frame = takeFrame(record, file);
    const { worker } = frame;
    let left = false;
    let tries = 0;
    const open = async (): Promise<void> => {
      tries++;
      const { summary, stages } = await (tries === 1
        ? frame.opened
        : worker.call((api) => api.open(record.id, file)));
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
      // One that was opened anew is not what others would be given.
      if (tries === 1) restFrame(frame);
      else worker.end();
    };
  }, [record, seenBy]);
  return useMemo(() => {
    const shown = latestOnly((viewport: Viewport, marks: FrameMarks | null) =>
      opening ? opening.worker.call((api) => api.show(viewport, marks)) : Promise.resolve(false),
    );
    const read = latestOnly(
      async (
        at: { readonly x: number; readonly y: number },
        radius: number,
        reframe: Reframe,
      ): Promise<FrameReading | null> =>
        (await opening?.worker.call(async (api) => api.read(at, radius, reframe))) ?? null,
    );
    const asked = async <T>(
      work: (api: Remote<FrameViewApi>, id: string) => Promise<T>,
    ): Promise<T> => {
      if (!opening || !record) throw new Error('The frame is still being opened.');
      return opening.worker.call((api) => work(api, record.id));
    };
    return {
      summary: opening?.summary ?? null,
      error: opening?.error ?? null,
      attach: (canvas) =>
        void opening?.worker.call((api) => api.attach(transfer(canvas, [canvas]))).catch(() => {}),
      show: async (viewport, marks) => (await shown(viewport, marks).catch(() => false)) ?? false,
      read: async (at, radius, reframe) =>
        (await read(at, radius, reframe).catch(() => null)) ?? null,
      bytes: (file) => asked((api, id) => api.bytes(id, file)),
      framed: (file, reframe) => asked((api, id) => api.framed(id, file, reframe)),
      developed: (file, order) => asked((api, id) => api.developed(id, file, order)),
      neutralAt: (at, reframe) => asked(async (api) => api.neutralAt(at, reframe)),
      plane: async () => (await opening?.worker.call(async (api) => api.plane())) ?? null,
      align: async (first, second) =>
        (await opening?.worker.call(async (api) => api.align(first, second))) ?? null,
    };
  }, [opening, record]);
}

/** Frames that rest go with the screen they were looked at in. */
export function useRestEnds(): void {
  useEffect(
    () => () => {
      // What the screen showed comes to rest only after it.
      setTimeout(endResting, 0);
    },
    [],
  );
}
