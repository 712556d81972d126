import { TAG } from '../dng/tags';
import { TiffReader, type TiffDirectory } from '../tiff/reader';
import { TYPE_SIZES } from '../tiff/types';
import { blankXmpPlace } from './xmpPlace';

const ENTRY_BYTES = 12;

/**
 * Takes out of a TIFF structure, in place, where it was taken: the GPS directory and all it says,
 * and the entry that leads there; likewise in XMP. Throws DngError where the structure is broken.
 */
export function blankTiffPlace(bytes: Uint8Array): void {
  const reader = new TiffReader(bytes);
  const root = reader.root();
  const xmp = root.entries.get(TAG.XMP);
  if (xmp) blankXmpPlace(bytes.subarray(xmp.at, xmp.at + xmp.count));
  const offset = reader.first(root, TAG.GPSInfo);
  if (offset === undefined) return;
  const gps = reader.directory(offset);
  for (const { type, count, at } of gps.entries.values())
    bytes.fill(0, at, at + count * TYPE_SIZES.get(type)!);
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const entries = view.getUint16(gps.offset, reader.little);
  bytes.fill(0, gps.offset, gps.offset + 2 + ENTRY_BYTES * entries);
  withoutEntry(view, reader.little, root, TAG.GPSInfo);
}

/** Takes an entry out of a directory: those behind it, and the way to the next one, move up. */
function withoutEntry(
  view: DataView,
  little: boolean,
  { offset }: TiffDirectory,
  tag: number,
): void {
  const bytes = new Uint8Array(view.buffer, view.byteOffset, view.byteLength);
  const entries = view.getUint16(offset, little);
  const end = offset + 2 + ENTRY_BYTES * entries + 4;
  for (let n = 0; n < entries; n++) {
    const at = offset + 2 + ENTRY_BYTES * n;
    if (view.getUint16(at, little) !== tag) continue;
    bytes.copyWithin(at, at + ENTRY_BYTES, end);
    bytes.fill(0, end - ENTRY_BYTES, end);
    view.setUint16(offset, entries - 1, little);
    return;
  }
}
