import { uniqueName } from '@velmo/core/files';
import type { DeliveryProgress, NotDelivered } from './deliver.worker';
import { pathOf, type DeliveryEntry } from './deliveryPlan';

/** File System Access (WICG), where it is offered. */
interface FolderPicker {
  showDirectoryPicker(options: { mode: 'readwrite' }): Promise<FileSystemDirectoryHandle>;
}

const hasPicker = (page: object): page is FolderPicker => 'showDirectoryPicker' in page;

/** True where the browser lets a folder be chosen to write into. */
export const canPickFolder = (): boolean => typeof window !== 'undefined' && hasPicker(window);

/** Names that a folder holds, in lower case. */
async function namesIn(folder: FileSystemDirectoryHandle): Promise<Set<string>> {
  const names = new Set<string>();
  const entries = folder as unknown as { keys(): AsyncIterable<string> };
  for await (const name of entries.keys()) names.add(name.toLowerCase());
  return names;
}

/** Writes a file that is not there yet; nothing of it stays where it cannot be written. */
async function writeWhole(
  folder: FileSystemDirectoryHandle,
  name: string,
  blob: Blob,
): Promise<void> {
  const file = await folder.getFileHandle(name, { create: true });
  try {
    const stream = await file.createWritable();
    await stream.write(blob);
    await stream.close();
  } catch (error) {
    await folder.removeEntry(name).catch(() => {});
    throw error;
  }
}

/**
 * Writes files into a folder that is asked for. What is there stays: a file whose name is taken
 * gets a number.
 *
 * @param blobOf reads one of them
 * @param isStopped asked before each
 */
export async function saveIntoFolder(
  entries: readonly DeliveryEntry[],
  blobOf: (entry: DeliveryEntry) => Promise<Blob>,
  onProgress: (progress: DeliveryProgress) => void,
  isStopped: () => boolean,
): Promise<{ files: number; failed: readonly NotDelivered[]; isWhole: boolean }> {
  if (!hasPicker(window)) throw new Error('This browser saves into no folder: save a zip.');
  const root = await window.showDirectoryPicker({ mode: 'readwrite' });
  const folders = new Map<string, { handle: FileSystemDirectoryHandle; names: Set<string> }>();
  const folderOf = async (name: string) => {
    const known = folders.get(name);
    if (known) return known;
    const handle = name === '' ? root : await root.getDirectoryHandle(name, { create: true });
    const folder = { handle, names: await namesIn(handle) };
    folders.set(name, folder);
    return folder;
  };
  const failed: NotDelivered[] = [];
  let bytes = 0;
  for (const [done, entry] of entries.entries()) {
    const files = done - failed.length;
    if (isStopped()) return { files, failed, isWhole: false };
    onProgress({ done, bytes });
    try {
      const blob = await blobOf(entry);
      const { handle, names } = await folderOf(entry.folder);
      await writeWhole(handle, uniqueName(entry.name, names), blob);
      bytes += blob.size;
    } catch (error) {
      failed.push({ path: pathOf(entry), why: error instanceof Error ? error.message : '' });
    }
  }
  return { files: entries.length - failed.length, failed, isWhole: true };
}
