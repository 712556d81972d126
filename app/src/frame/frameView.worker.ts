import { transfer } from 'comlink';
import { exposeKept } from '../workers/exposeKept';
import { examineFile, type ExaminedFile } from './examineFile';
import type { FrameMarks } from './frameMarks';
import { alignPlanes, type Plane, type Shift } from '@velmo/core/combine';
import type { NeutralReading } from '@velmo/core/colour';
import type { Development, Reframe } from '@velmo/core/recipe';
import type { DifferenceView } from './differenceView';
import type { FrameReading, FrameSummary, FrameView } from './frameView';
import type { ShownPicture, Viewport } from './shownPicture';
import { compareFrames, type ComparedFrames, type StoredRaw } from './compareFrames';
import { measureFrame } from './measureFrame';
import { PictureView } from './pictureView';
import { RawView } from './rawView';
import { readRawFile, readStoredRaw } from './readRawFile';
import { readWholeFile } from '../storage/frames/frameBytes';
import type { StoredFile, StoredKind } from '../storage/frames/frameRecord';
import { fileBlob } from '../storage/save';
import { developedFile, framedFile, type DevelopOrder, type FramedFile } from './framedFile';
import { stopWatch, type StageTimes } from '../state/stages';

let view: FrameView | null = null;
let difference: DifferenceView | null = null;

/** What a canvas shows: a frame, or how two differ. */
const shown = (): ShownPicture | null => difference ?? view;

async function storedPicture(
  kind: Exclude<StoredFile['kind'], 'dng' | 'raw'>,
  bytes: Uint8Array<ArrayBuffer>,
): Promise<PictureView> {
  try {
    return await PictureView.of(kind, bytes);
  } catch (error) {
    const why = error instanceof Error ? error.message : 'This picture is broken.';
    throw new Error(`${why} It is still stored, and can be saved as it is.`);
  }
}

/** A file to be saved. */
export interface SavedFile {
  readonly kind: StoredKind;
  readonly blob: Blob;
}

const saved = ({ kind, parts }: FramedFile): SavedFile => ({ kind, blob: fileBlob(kind, parts) });

const api = {
  /** Reads a stored file back and says what it holds. */
  async open(id: string, file: StoredFile): Promise<{ summary: FrameSummary; stages: StageTimes }> {
    const { stages, end } = stopWatch();
    const bytes = await readWholeFile(id, file);
    end('read');
    const { kind } = file;
    view =
      kind === 'dng' || kind === 'raw'
        ? new RawView(await readRawFile(bytes))
        : await storedPicture(kind, bytes);
    end('decode');
    const summary = view.summary();
    end('statistics');
    return { summary, stages };
  },
  attach: (canvas: OffscreenCanvas): void => shown()?.attach(canvas),
  /** True once it is drawn. */
  show(viewport: Viewport, marks: FrameMarks | null): boolean {
    const picture = shown();
    picture?.show(viewport, marks);
    return picture !== null;
  },
  /** Reads around a place of the frame that is open, 0..1 as seen; null while none is. */
  read: async (
    at: { x: number; y: number },
    radius: number,
    reframe: Reframe,
  ): Promise<FrameReading | null> => view?.read(at, radius, reframe) ?? null,
  /** Measures a stored DNG; the frame that is open stays open. */
  measure: measureFrame,
  /** Compares two stored DNGs; how they differ is what this worker shows from then on. */
  async compare(first: StoredRaw, second: StoredRaw): Promise<ComparedFrames> {
    const { compared, picture } = await compareFrames(first, second);
    difference = picture;
    return compared;
  },
  /** Lays the second of two compared frames where it belongs: shares of the sides, as seen. */
  lay: (moved: { readonly x: number; readonly y: number }): void => difference?.lay(moved),
  /** The frame that is open as a small plane of tones. */
  async plane(): Promise<Plane | null> {
    const plane = view?.plane() ?? null;
    return plane && transfer(plane, [plane.data.buffer]);
  },
  /** How far the second of two planes has moved against the first; null: nothing to tell it by. */
  align: async (first: Plane, second: Plane): Promise<Shift | null> => alignPlanes(first, second),
  /** What a file from elsewhere is; rejects with a sentence where it cannot be read. */
  examine: (file: File): Promise<ExaminedFile> => examineFile(file),
  /** The bytes of a stored file, for saving. */
  async bytes(id: string, file: StoredFile): Promise<Uint8Array<ArrayBuffer>> {
    const bytes = await readWholeFile(id, file);
    return transfer(bytes, [bytes.buffer]);
  },
  /** A stored file as its frame is to be seen. */
  framed: async (id: string, file: StoredFile, reframe: Reframe): Promise<SavedFile> =>
    saved(await framedFile(file.kind, await readWholeFile(id, file), reframe)),
  /** A stored raw developed to a file, as its frame is to be seen. */
  developed: async (id: string, file: StoredFile, order: DevelopOrder): Promise<SavedFile> =>
    saved(await developedFile(await readWholeFile(id, file), order)),
  /** A small picture of a stored raw by a recipe; the frame that is open stays open. */
  thumbnail: async (id: string, file: StoredFile, development: Development): Promise<string> =>
    new RawView(await readStoredRaw(id, file)).thumbnail(development),
  /** The light under which a place of the open raw is neutral; null where there is no raw. */
  neutralAt: async (
    at: { readonly x: number; readonly y: number },
    reframe: Reframe,
  ): Promise<NeutralReading | null> =>
    view instanceof RawView ? view.neutralAt(at, reframe) : null,
};

/** What the worker answers. */
export type FrameViewApi = typeof api;
exposeKept(api);
