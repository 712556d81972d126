import { unzip, type ZipEntry } from 'unzipit';
import type { RestoredFrame } from '../storage/frames/restoredFrame';
import type { RollRecord } from '../storage/rolls/rollRecord';
import { MIME_TYPES } from '../storage/save';
import {
  MANIFEST_NAME,
  readManifest,
  sha256,
  type ArchivedFile,
  type ArchivedFrame,
  type ReadManifest,
} from './manifest';

/** What says what an archive holds is no larger. */
const MAX_MANIFEST_BYTES = 256e6;

/** What an archive was found to hold. */
export interface CheckedArchive {
  /** Frames of which every byte is what it must be. */
  readonly whole: readonly { readonly id: string; readonly bytes: number }[];
  /** Names of frames of which something is missing or not what it was. */
  readonly broken: readonly string[];
  /** Frames this version cannot read. */
  readonly unreadable: number;
  readonly rolls: readonly RollRecord[];
  readonly madeAt: number;
}

/** An archive that is open: a zip of which parts are read as they are asked for. */
export class OpenedArchive {
  private constructor(
    private readonly entries: Readonly<Record<string, ZipEntry>>,
    private readonly manifest: ReadManifest,
  ) {}

  /** Rejects with a sentence where a file is no archive. */
  static async of(file: Blob): Promise<OpenedArchive> {
    let entries: Record<string, ZipEntry>;
    try {
      ({ entries } = await unzip(file));
    } catch {
      throw new Error('This is no zip, or it is cut short: nothing was changed.');
    }
    const said = Object.hasOwn(entries, MANIFEST_NAME) ? entries[MANIFEST_NAME] : null;
    if (!said || said.size > MAX_MANIFEST_BYTES)
      throw new Error(
        'This zip is no archive of Velmo. Unpack it, and open the files that are in it.',
      );
    const text = await said.text().catch(() => '');
    return new OpenedArchive(entries, readManifest(text));
  }

  /**
   * Reads every byte and compares it with what it was when the archive was made.
   *
   * @param onFrame called before each frame with its place and their number
   */
  async check(onFrame: (done: number, count: number) => void): Promise<CheckedArchive> {
    const { frames, rolls, unreadable, madeAt } = this.manifest;
    const whole: { id: string; bytes: number }[] = [];
    const broken: string[] = [];
    for (const [done, frame] of frames.entries()) {
      onFrame(done, frames.length);
      const { record, files } = frame;
      const bytes = files.reduce((sum, file) => sum + file.bytes, 0);
      if (await this.isWhole(frame)) whole.push({ id: record.id, bytes });
      else broken.push(record.files[0].name);
    }
    return { whole, broken, unreadable, rolls, madeAt };
  }

  /**
   * A frame that was found whole; its files are parts of the archive, and take no memory. Rejects
   * where there is none of this id.
   */
  async frame(id: string): Promise<RestoredFrame> {
    const found = this.manifest.frames.find(({ record }) => record.id === id);
    if (!found) throw new Error('This frame is not in the archive.');
    const { record, decision, files, thumbnail } = found;
    return {
      record,
      decision,
      files: await Promise.all(
        files.map(({ path }, i) => this.entries[path].blob(MIME_TYPES[record.files[i].kind])),
      ),
      thumbnail: thumbnail ? await urlOf(this.entries[thumbnail.path]) : '',
    };
  }

  private async isWhole({ files, thumbnail }: ArchivedFrame): Promise<boolean> {
    for (const file of thumbnail ? [...files, thumbnail] : files)
      if (!(await this.isAsItWas(file))) return false;
    return true;
  }

  private async isAsItWas({ path, bytes, sha256: expected }: ArchivedFile): Promise<boolean> {
    const entry = Object.hasOwn(this.entries, path) ? this.entries[path] : null;
    if (entry?.size !== bytes) return false;
    try {
      return (await sha256(await entry.arrayBuffer())) === expected;
    } catch {
      return false;
    }
  }
}

async function urlOf(entry: ZipEntry): Promise<string> {
  const bytes = new Uint8Array(await entry.arrayBuffer());
  return `data:image/jpeg;base64,${btoa(Array.from(bytes, (b) => String.fromCharCode(b)).join(''))}`;
}
