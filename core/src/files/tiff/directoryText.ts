import { SUBFILE_DEPTH, TAG } from '../dng/tags';
import { TiffReader, type TiffDirectory } from './reader';

/** What a directory of a TIFF says, as text. */
export interface TiffDirectoryText {
  readonly title: string;
  readonly tags: readonly { readonly tag: number; readonly name: string; readonly value: string }[];
}

const NAMES = new Map<number, string>(Object.entries(TAG).map(([name, tag]) => [tag, name]));
/** Values that only lead elsewhere in the file, or have a reader of their own. */
const POINTERS: ReadonlySet<number> = new Set([
  TAG.SubIFDs,
  TAG.ExifIFD,
  TAG.XMP,
  TAG.InterColorProfile,
]);
const MAX_NUMBERS = 16;
const MAX_TEXT = 300;
const ASCII = 2;
const MAX_SUB_IMAGES = 8;
const NEW_SUBFILE_PREVIEW = 1;

/**
 * All image directories of a TIFF or DNG as text: the first one, and those it leads to. Empty for
 * any other file, and as far as it could be read for a broken one.
 */
export function tiffDirectories(bytes: Uint8Array): TiffDirectoryText[] {
  const found: TiffDirectoryText[] = [];
  try {
    const reader = new TiffReader(bytes);
    const root = reader.root();
    found.push(textOf(reader, root, 'Image file'));
    for (const offset of reader.numbers(root, TAG.SubIFDs).slice(0, MAX_SUB_IMAGES)) {
      const directory = reader.directory(offset);
      found.push(textOf(reader, directory, titleOf(reader, directory)));
    }
  } catch {
    // What was read until then is told.
  }
  return found;
}

function titleOf(reader: TiffReader, directory: TiffDirectory): string {
  const kind = reader.first(directory, TAG.NewSubfileType) ?? 0;
  if (kind === 0) return 'Raw image';
  if (kind === SUBFILE_DEPTH) return 'Depth map';
  return kind & NEW_SUBFILE_PREVIEW ? 'Preview' : 'Further image';
}

function textOf(reader: TiffReader, directory: TiffDirectory, title: string): TiffDirectoryText {
  const tags = [...directory.entries.values()]
    .filter(({ tag }) => !POINTERS.has(tag))
    .map(({ tag, type, count }) => ({
      tag,
      name: NAMES.get(tag) ?? `Tag ${tag}`,
      value:
        type === ASCII
          ? (reader.text(directory, tag) ?? '').slice(0, MAX_TEXT)
          : numbersText(reader.numbers(directory, tag).slice(0, MAX_NUMBERS), count),
    }));
  return { title, tags };
}

const numbersText = (numbers: readonly number[], count: number): string =>
  numbers.map((v) => String(Number.parseFloat(v.toPrecision(7)))).join(' ') +
  (count > numbers.length ? ` ... (${count} values)` : '');
