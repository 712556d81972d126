import { transfer } from 'comlink';
import { exposeKept } from '../workers/exposeKept';
import type { FrameMarks } from './frameMarks';
import type { FrameReading, FrameSummary, FrameView, Viewport } from './frameView';
import { compareFrames } from './compareFrames';
import { measureFrame } from './measureFrame';
import { PictureView } from './pictureView';
import { RawView } from './rawView';
import { readFile } from '../storage/frameBytes';
import type { StoredFile } from '../storage/frameRecord';
import { stopWatch, type StageTimes } from '../state/stages';

let view: FrameView | null = null;

const api = {
  /** Reads a stored file back and says what it holds. */
  async open(id: string, file: StoredFile): Promise<{ summary: FrameSummary; stages: StageTimes }> {
    const { stages, end } = stopWatch();
    const bytes = await readFile(id, file);
    if (!bytes) throw new Error('Part of this frame is missing from the browser’s storage.');
    end('read');
    view = file.kind === 'dng' ? RawView.of(bytes) : await PictureView.of(file.kind, bytes);
    end('decode');
    const summary = view.summary();
    end('statistics');
    return { summary, stages };
  },
  attach: (canvas: OffscreenCanvas): void => view?.attach(canvas),
  /** True once it is drawn. */
  show(viewport: Viewport, marks: FrameMarks | null): boolean {
    view?.show(viewport, marks);
    return view !== null;
  },
  /** Reads around a place of the frame that is open, 0..1 as seen; null while none is. */
  read: async (at: { x: number; y: number }, radius: number): Promise<FrameReading | null> =>
    view?.read(at, radius) ?? null,
  /** Measures a stored DNG; the frame that is open stays open. */
  measure: measureFrame,
  compare: compareFrames,
  /** The bytes of a stored file, for saving. */
  async bytes(id: string, file: StoredFile): Promise<Uint8Array<ArrayBuffer>> {
    const bytes = await readFile(id, file);
    if (!bytes) throw new Error('Part of this frame is missing from the browser’s storage.');
    return transfer(bytes, [bytes.buffer]);
  },
};

export type FrameViewApi = typeof api;
exposeKept(api);
