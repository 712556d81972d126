import { frameId } from '../../camera/files/frameNames';
import { createStore } from '../../state/store';
import { safeStem } from '../../storage/fileNames';
import { applyChange, keepFrame } from '../../storage/frames/frames';
import type { MadeFrame } from '../../storage/frames/madeFrame';
import type { CurrentRoll } from '../../storage/rolls/currentRoll';
import { WorkerLost } from '../../workers/startedWorker';
import type { ExaminedFile } from '../examineFile';
import { takeFrameView, warmFrameViews } from '../frameViews';

/** A file that was not opened, and why: nothing of it is stored. */
export interface NotOpened {
  readonly name: string;
  readonly reason: string;
}

/** How far it has got. */
export interface OpeningFiles {
  readonly count: number;
  readonly opened: number;
  readonly failed: readonly NotOpened[];
  /** The file that is being opened; null at the end. */
  readonly now: string | null;
}

const ENDINGS = {
  dng: '.dng',
  jpeg: '.jpg',
  png: '.png',
  tiff: '.tif',
  webp: '.webp',
  avif: '.avif',
  heic: '.heic',
} as const;

/** Of a raw of a maker's own kind, the ending it came with tells whose. */
const endingOf = (name: string): string => (/\.\w{1,8}$/.exec(name)?.[0] ?? '.raw').toLowerCase();

/** A frame of a file that was made elsewhere: its bytes as they are, its own name. */
function frameOf(file: File, found: ExaminedFile, roll: CurrentRoll): MadeFrame {
  const taken = found.takenAt === null ? NaN : Date.parse(found.takenAt);
  const capturedAt = Math.max(0, Number.isNaN(taken) ? file.lastModified : taken);
  return {
    facts: {
      id: frameId(capturedAt),
      capturedAt,
      ...found.facts,
      roll: roll.id,
      series: null,
    },
    // The file keeps its name: nothing is put into a pattern.
    name: { epochMs: capturedAt, offsetMinutes: 0, place: '', time: '', iso: '' },
    files: [
      {
        kind: found.kind,
        ending: found.kind === 'raw' ? endingOf(file.name) : ENDINGS[found.kind],
        blob: file,
      },
    ],
    thumbnail: found.thumbnail,
  };
}

const whyNot = (error: unknown): string =>
  error instanceof WorkerLost
    ? 'Opening it took more memory than this browser gives, or was broken off.'
    : error instanceof Error
      ? error.message
      : 'It could not be read.';

/** A file, and the roll it is to lie in. */
interface Waiting {
  readonly file: File;
  readonly roll: CurrentRoll;
}

const NOTHING_YET: OpeningFiles = { count: 0, opened: 0, failed: [], now: null };

/**
 * Goes on whatever screen is looked at; null before anything was opened, and once that is put away.
 */
export const openingStore = createStore<OpeningFiles | null>(null);

const waiting: Waiting[] = [];
let isOpening = false;

function tell(part: Partial<OpeningFiles>): void {
  openingStore.update((progress) => ({ ...(progress ?? NOTHING_YET), ...part }));
}

/**
 * Opens files one after the other, behind those that are being opened, and stores each as a frame
 * of a roll. Never rejects: what could not be opened is told in the store.
 *
 * @param onOpened called after each that was stored
 */
export async function openFiles(
  files: readonly File[],
  roll: CurrentRoll,
  onOpened: () => void,
): Promise<void> {
  if (files.length === 0) return;
  waiting.push(...files.map((file) => ({ file, roll })));
  const before = isOpening ? (openingStore.get() ?? NOTHING_YET) : NOTHING_YET;
  openingStore.set({ ...before, count: before.count + files.length });
  if (isOpening) return;
  isOpening = true;
  const worker = takeFrameView();
  for (let next = waiting.shift(); next; next = waiting.shift()) {
    tell({ now: next.file.name });
    try {
      await store(next, await worker.call((api) => api.examine(next.file)));
      tell({ opened: (openingStore.get()?.opened ?? 0) + 1 });
      onOpened();
    } catch (error) {
      const failed = openingStore.get()?.failed ?? [];
      tell({ failed: [...failed, { name: next.file.name, reason: whyNot(error) }] });
    }
  }
  worker.end();
  warmFrameViews();
  isOpening = false;
  tell({ now: null });
}

async function store({ file, roll }: Waiting, found: ExaminedFile): Promise<void> {
  const pattern = safeStem(file.name.replace(/\.[^.]*$/, ''));
  const { record } = await keepFrame(
    frameOf(file, found, roll),
    { pattern, count: 1, roll: roll.name },
    () => {},
    () => {},
  );
  // What was cut elsewhere is seen cut, and can be taken back here.
  const { reframe } = found;
  if (reframe) await applyChange({ frames: [{ id: record.id, reframe }], rolls: [] });
}
