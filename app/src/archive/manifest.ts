import { decisionOf, decisionText } from '../storage/rolls/readDecision';
import type { FrameDecision } from '../storage/rolls/decision';
import type { RollRecord } from '../storage/rolls/rollRecord';
import type { FrameRecord } from '../storage/frames/frameRecord';
import { isValid } from '../storage/validation';

/** What an archive is told by, and read from; it comes last, when all it says is known. */
export const MANIFEST_NAME = 'velmo-archive.json';
const VERSION = 1;

/** One of the archive's files: where it lies in it, and what it must be. */
export interface ArchivedFile {
  readonly path: string;
  readonly bytes: number;
  /** In hexadecimal. */
  readonly sha256: string;
}

/** All there is of a frame. */
export interface ArchivedFrame {
  readonly record: FrameRecord;
  readonly decision: FrameDecision;
  /** In the order of its record's. */
  readonly files: readonly ArchivedFile[];
  readonly thumbnail: ArchivedFile | null;
}

/** What an archive holds, written last. */
export interface Manifest {
  /** Milliseconds since 1970. */
  readonly madeAt: number;
  readonly frames: readonly ArchivedFrame[];
  readonly rolls: readonly RollRecord[];
}

/** A manifest as it is written: JSON. */
export const manifestText = ({ madeAt, frames, rolls }: Manifest): string =>
  JSON.stringify({
    version: VERSION,
    madeAt,
    rolls,
    frames: frames.map(({ decision, ...frame }) => ({
      ...frame,
      decision: JSON.parse(decisionText(decision)) as unknown,
    })),
  });

type Plain = Readonly<Record<string, unknown>>;
const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const isFile = (value: unknown): value is ArchivedFile =>
  isPlain(value) &&
  typeof value.path === 'string' &&
  Number.isSafeInteger(value.bytes) &&
  typeof value.sha256 === 'string' &&
  /^[0-9a-f]{64}$/.test(value.sha256);

function frameOf(value: unknown): ArchivedFrame | null {
  if (!isPlain(value)) return null;
  const { record, decision, files, thumbnail } = value;
  if (!isValid<FrameRecord>('frameRecord', record) || !isValid('decision', decision)) return null;
  if (!Array.isArray(files) || !files.every(isFile)) return null;
  if (files.length !== record.files.length) return null;
  if (!files.every(({ bytes }, i) => bytes === record.files[i].bytes)) return null;
  if (thumbnail !== null && !isFile(thumbnail)) return null;
  return { record, decision: decisionOf(record, JSON.stringify(decision)), files, thumbnail };
}

/** What a manifest tells, and how many of its frames cannot be read. */
export interface ReadManifest extends Manifest {
  readonly unreadable: number;
}

/** Reads a manifest. Throws an error with a sentence where it is none, or of a newer kind. */
export function readManifest(text: string): ReadManifest {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    value = null;
  }
  if (!isPlain(value) || !Array.isArray(value.frames) || !Array.isArray(value.rolls))
    throw new Error('What this archive holds cannot be read: it is damaged.');
  if (value.version !== VERSION)
    throw new Error('This archive was made by a newer Velmo. Reload the page to get it.');
  const read = value.frames.map(frameOf);
  const ids = new Set<string>();
  const frames = read.filter((frame): frame is ArchivedFrame => {
    if (!frame || ids.has(frame.record.id)) return false;
    ids.add(frame.record.id);
    return true;
  });
  return {
    madeAt: typeof value.madeAt === 'number' ? value.madeAt : 0,
    frames,
    rolls: value.rolls.filter((roll): roll is RollRecord => isValid('rollRecord', roll)),
    unreadable: read.length - frames.length,
  };
}

/** SHA-256 of bytes, in hexadecimal. */
export async function sha256(bytes: ArrayBuffer | Uint8Array<ArrayBuffer>): Promise<string> {
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
  return Array.from(digest, (byte) => byte.toString(16).padStart(2, '0')).join('');
}
