import { constants } from 'node:fs';
import { copyFile, link, mkdir, readdir, stat, unlink } from 'node:fs/promises';
import { join } from 'node:path';
import { safeName, uniqueName } from '@velmo/core/file/files/safeName';
import { sha256Of } from './partFile';

/** Folders that a file may lie in, one in the other. */
const MAX_FOLDERS = 3;

/**
 * A path that stays where it is put: each part of it a name, none of them hidden, none of them a
 * way up.
 *
 * @param path "bracket of 5/SALT-0007.dng", whatever it says
 */
export function safePath(path: string): { readonly folders: string[]; readonly name: string } {
  const parts = path
    .split(/[\\/]/)
    .filter((part) => part !== '' && part !== '.' && part !== '..')
    .map(safeName);
  const name = parts.pop() ?? 'unnamed';
  return { folders: parts.slice(0, MAX_FOLDERS), name };
}

const codeOf = (error: unknown): unknown => (error as NodeJS.ErrnoException).code;

/** Gives a file another name that nothing has. @returns false: something has it */
async function moveIfFree(from: string, to: string): Promise<boolean> {
  try {
    await link(from, to);
  } catch (error) {
    if (codeOf(error) === 'EEXIST') return false;
    // File systems without links: cards and sticks.
    if (!['EPERM', 'ENOTSUP', 'EOPNOTSUPP', 'EXDEV', 'ENOSYS'].includes(String(codeOf(error))))
      throw error;
    try {
      await copyFile(from, to, constants.COPYFILE_EXCL);
    } catch (copyError) {
      if (codeOf(copyError) === 'EEXIST') return false;
      await unlink(to).catch(() => {});
      throw copyError;
    }
  }
  await unlink(from);
  return true;
}

/**
 * Puts a whole file where it belongs. What is there stays: a name that is taken gets a number. A
 * file that is there with the same bytes is this one, placed just before the power went.
 *
 * @returns its path under the root, with slashes
 */
export async function placeFile(
  root: string,
  path: string,
  whole: { readonly file: string; readonly sha256: string; readonly bytes: number },
): Promise<string> {
  const { folders, name } = safePath(path);
  const folder = join(root, ...folders);
  await mkdir(folder, { recursive: true });
  const same = join(folder, name);
  const there = await stat(same).catch(() => null);
  if (there?.isFile() && there.size === whole.bytes && (await sha256Of(same)) === whole.sha256) {
    await unlink(whole.file);
    return [...folders, name].join('/');
  }
  const taken = new Set((await readdir(folder)).map((entry) => entry.toLowerCase()));
  for (;;) {
    const free = uniqueName(name, taken);
    if (await moveIfFree(whole.file, join(folder, free))) return [...folders, free].join('/');
  }
}
