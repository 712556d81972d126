import { frameId } from '../../camera/files/frameNames';
import { safeStem } from '../../storage/fileNames';
import { keepFrame } from '../../storage/frames';
import type { MadeFrame } from '../../storage/madeFrame';
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

const ENDINGS = { dng: '.dng', jpeg: '.jpg', png: '.png', tiff: '.tif' } as const;

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
    files: [{ kind: found.kind, ending: ENDINGS[found.kind], blob: file }],
    thumbnail: found.thumbnail,
  };
}

const whyNot = (error: unknown): string =>
  error instanceof WorkerLost
    ? 'Opening it took more memory than this browser gives, or was broken off.'
    : error instanceof Error
      ? error.message
      : 'It could not be read.';

/** Opens files one after the other and stores each as a frame of a roll; tells how far it is. */
export async function openFiles(
  files: readonly File[],
  roll: CurrentRoll,
  onProgress: (progress: OpeningFiles) => void,
): Promise<OpeningFiles> {
  let progress: OpeningFiles = { count: files.length, opened: 0, failed: [], now: null };
  const tell = (part: Partial<OpeningFiles>): void => {
    progress = { ...progress, ...part };
    onProgress(progress);
  };
  const worker = takeFrameView();
  try {
    for (const file of files) {
      tell({ now: file.name });
      try {
        const found = await worker.call((api) => api.examine(file));
        const naming = {
          pattern: safeStem(file.name.replace(/\.[^.]*$/, '')),
          count: 1,
          roll: roll.name,
        };
        await keepFrame(
          frameOf(file, found, roll),
          naming,
          () => {},
          () => {},
        );
        tell({ opened: progress.opened + 1 });
      } catch (error) {
        tell({ failed: [...progress.failed, { name: file.name, reason: whyNot(error) }] });
      }
    }
  } finally {
    worker.end();
    warmFrameViews();
  }
  tell({ now: null });
  return progress;
}
