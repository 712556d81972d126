import {
  fileTypeOf,
  HEAD_BYTES,
  isCutShort,
  isDng,
  takenAt,
  type DngExif,
} from '@velmo/core/files';
import type { Reframe } from '@velmo/core/recipe';
import type { FrameFacts, StoredKind } from '../storage/frames/frameRecord';
import type { FrameSummary, FrameView } from './frameView';
import { LibrawGone } from './libraw/librawWorker';
import { PictureView } from './pictureView';
import { RawView } from './rawView';
import { readRawFile } from './readRawFile';

/** What was found in a file from elsewhere. */
export interface ExaminedFile {
  readonly kind: StoredKind;
  /** When it was taken: ISO 8601, null where it does not say. */
  readonly takenAt: string | null;
  readonly facts: Omit<FrameFacts, 'id' | 'capturedAt' | 'roll' | 'series'>;
  readonly thumbnail: string;
  /** How it says it is to be seen; null: as it was taken. */
  readonly reframe: Reframe | null;
}

/** Larger files are not opened: a phone has no room to decode them. */
const MAX_BYTES = 400e6;
const MAX_PLACE = 200;
const MAX_LENS = 64;

/** Looks into a file from elsewhere. Rejects with a sentence that says why it cannot be opened. */
export async function examineFile(file: File): Promise<ExaminedFile> {
  if (file.size === 0) throw new Error('The file is empty.');
  if (file.size > MAX_BYTES)
    throw new Error(`The file is larger than ${MAX_BYTES / 1e6} MB: too large to be opened here.`);
  const type = fileTypeOf(new Uint8Array(await file.slice(0, HEAD_BYTES).arrayBuffer()));
  if (type.kind === null)
    throw new Error(
      `${type.name ? `This is ${type.name}, which Velmo does not read` : 'This is no picture Velmo knows'}: it opens raw files, JPEG, PNG and TIFF, and WebP, AVIF and HEIC where the browser does.`,
    );
  const bytes = new Uint8Array(await file.arrayBuffer());
  const { kind, view } = await viewOf(type.kind, file.name, bytes);
  const summary = view.summary();
  return {
    kind,
    takenAt: takenAt(summary.exif),
    facts: factsOf(summary),
    thumbnail: await view.thumbnail(),
    reframe: view.asked(),
  };
}

interface Viewed {
  readonly kind: StoredKind;
  readonly view: FrameView;
}

async function viewOf(
  kind: Exclude<StoredKind, 'dng'>,
  name: string,
  bytes: Uint8Array<ArrayBuffer>,
): Promise<Viewed> {
  const raw = async (its: 'dng' | 'raw'): Promise<Viewed> => ({
    kind: its,
    view: new RawView(await readRawFile(bytes)),
  });
  if (kind === 'raw') return raw(kind);
  const picture = async (): Promise<Viewed> => ({ kind, view: await PictureView.of(kind, bytes) });
  if (kind !== 'tiff') return picture();
  if (isDng(bytes)) return raw('dng');
  if (/\.tiff?$/i.test(name)) return picture();
  // Most makers' raws begin like any TIFF: what is not named so is one of theirs, if it can be.
  return raw('raw').catch((error: unknown) => {
    // What could not be asked, or lacks pixels, is no picture for that.
    if (error instanceof LibrawGone || isCutShort(bytes)) throw error;
    return picture().catch(() => {
      throw error;
    });
  });
}

const positive = (v: number | undefined): number | null =>
  v !== undefined && Number.isFinite(v) && v > 0 ? v : null;

function factsOf({ exif, width, height, raw }: FrameSummary): ExaminedFile['facts'] {
  const { compensationStops, focusedM, lensModel } = exif;
  return {
    camera: 'file',
    place: cameraName(exif).slice(0, MAX_PLACE),
    origin: 'opened',
    timeS: positive(exif.timeS),
    iso: positive(exif.iso),
    compClicks: compensationStops === undefined ? null : 3 * compensationStops,
    lens: lensModel ? lensModel.slice(0, MAX_LENS) : null,
    focusDioptres: focusedM === undefined || !(focusedM > 0) ? null : 1 / focusedM,
    white: raw ? { kelvin: raw.white.kelvin, tint: raw.white.tint } : null,
    clippedShare: raw ? raw.statistics.clippedShare : null,
    width,
    height,
    average: null,
  };
}

/** "Maker Model", without the maker twice. */
function cameraName({ make = '', model = '' }: DngExif): string {
  const [maker, name] = [make.trim(), model.trim()];
  return name.toLowerCase().startsWith(maker.toLowerCase()) ? name : `${maker} ${name}`.trim();
}
