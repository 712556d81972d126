import { expose, transfer } from 'comlink';
import { FrameView, type FrameSummary, type Viewport } from '../screens/frame/frameView';
import { readFile } from '../rolls/frameStore';
import type { StoredFile } from '../rolls/frameRecord';

let view: FrameView | null = null;

const api = {
  /** Reads a stored DNG back and says what it holds. */
  async open(id: string, file: StoredFile): Promise<FrameSummary> {
    const bytes = await readFile(id, file);
    if (!bytes) throw new Error('Part of this frame is missing from the browser’s storage.');
    view = FrameView.of(bytes);
    return view.summary();
  },
  attach: (canvas: OffscreenCanvas): void => view?.attach(canvas),
  show: (viewport: Viewport): void => view?.show(viewport),
  /** The bytes of a stored file, for saving. */
  async bytes(id: string, file: StoredFile): Promise<Uint8Array> {
    const bytes = await readFile(id, file);
    if (!bytes) throw new Error('Part of this frame is missing from the browser’s storage.');
    return transfer(bytes, [bytes.buffer]);
  },
};

export type FrameViewApi = typeof api;
expose(api);
