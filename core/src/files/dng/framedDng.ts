import type { PixelBox } from '../../optics/aspect';
import type { Crop } from '../../recipe/reframe';
import { TiffReader } from '../tiff/reader';
import { TIFF_TYPES } from '../tiff/types';
import { findRaw, readDng } from './readDng';
import { TAG } from './tags';

/** How the saved copy of a DNG is to be seen. */
export interface DngFraming {
  /** TIFF's Orientation. */
  readonly orientation: number;
  /** Shares of the default crop's sides, as they lie in the file. */
  readonly crop: Crop;
}

/** What an entry of a directory is to say. */
interface Said {
  readonly tag: number;
  readonly type: 'SHORT' | 'LONG' | 'RATIONAL';
  /** Written in the file's byte order: 2 or 4 bytes each; of a rational both. */
  readonly values: readonly number[];
}

/**
 * A DNG as it is to be seen: Orientation in its first directory (TIFF 6.0), DefaultUserCrop in its
 * raw's (DNG 1.4: top, left, bottom, right in shares of the default crop). Its directories are
 * written anew behind all there is, everything else stays byte for byte; parts to be laid end to
 * end. Throws DngError for what `readDng` does not read.
 */
export function framedDng(bytes: Uint8Array, { orientation, crop }: DngFraming): Uint8Array[] {
  const { width, height } = readDng(bytes).raw.crop;
  const reader = new TiffReader(bytes);
  const { little } = reader;
  const root = reader.root();
  const raw = findRaw(reader, root);
  const box = pixelBox(crop, width, height);
  const turned: Said = { tag: TAG.Orientation, type: 'SHORT', values: [orientation] };
  const cut: Said = {
    tag: TAG.DefaultUserCrop,
    type: 'RATIONAL',
    values: [box.y, height, box.x, width, box.y + box.height, height, box.x + box.width, width],
  };
  const parts: Uint8Array[] = [
    bytes.slice(0, 8),
    bytes.subarray(8),
    new Uint8Array(bytes.length % 2),
  ];
  let at = bytes.length + (bytes.length % 2);
  const append = (offset: number, said: readonly Said[]): number => {
    const directory = directoryWith(bytes, offset, said, at, little);
    parts.push(directory);
    const from = at;
    at += directory.length;
    return from;
  };
  let first: number;
  if (raw === root) first = append(root.offset, [turned, cut]);
  else {
    const rawAt = append(raw.offset, [cut]);
    const offsets = reader
      .numbers(root, TAG.SubIFDs)
      .map((offset) => (offset === raw.offset ? rawAt : offset));
    const subs: Said = { tag: TAG.SubIFDs, type: 'LONG', values: offsets };
    first = append(root.offset, [turned, subs]);
  }
  new DataView(parts[0].buffer).setUint32(4, first, little);
  return parts;
}

/** Whole photosites. */
function pixelBox(crop: Crop, width: number, height: number): PixelBox {
  const [x, y] = [Math.round(crop.x * width), Math.round(crop.y * height)];
  return {
    x,
    y,
    width: Math.max(1, Math.round((crop.x + crop.width) * width) - x),
    height: Math.max(1, Math.round((crop.y + crop.height) * height) - y),
  };
}

/** A directory of a TIFF written anew for another place, with some entries that say otherwise. */
function directoryWith(
  bytes: Uint8Array,
  offset: number,
  said: readonly Said[],
  at: number,
  little: boolean,
): Uint8Array {
  const from = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const count = from.getUint16(offset, little);
  const replaced = new Set(said.map(({ tag }) => tag));
  const entries: { tag: number; kept: number | null; said: Said | null }[] = said.map((s) => ({
    tag: s.tag,
    kept: null,
    said: s,
  }));
  for (let i = 0; i < count; i++) {
    const kept = offset + 2 + 12 * i;
    const tag = from.getUint16(kept, little);
    if (!replaced.has(tag)) entries.push({ tag, kept, said: null });
  }
  entries.sort((a, b) => a.tag - b.tag);
  const sizeOf = ({ type, values }: Said): number => values.length * (type === 'SHORT' ? 2 : 4);
  const spilled = said.filter((s) => sizeOf(s) > 4).reduce((sum, s) => sum + sizeOf(s), 0);
  const head = 2 + 12 * entries.length + 4;
  const out = new Uint8Array(head + spilled);
  const view = new DataView(out.buffer);
  view.setUint16(0, entries.length, little);
  let spill = head;
  entries.forEach(({ kept, said: s }, i) => {
    const entry = 2 + 12 * i;
    if (kept !== null) out.set(bytes.subarray(kept, kept + 12), entry);
    if (!s) return;
    view.setUint16(entry, s.tag, little);
    const { code, size } = TIFF_TYPES[s.type];
    view.setUint16(entry + 2, code, little);
    view.setUint32(entry + 4, sizeOf(s) / size, little);
    const inline = sizeOf(s) <= 4;
    if (!inline) view.setUint32(entry + 8, at + spill, little);
    s.values.forEach((value, n) => {
      if (s.type === 'SHORT') view.setUint16((inline ? entry + 8 : spill) + 2 * n, value, little);
      else view.setUint32((inline ? entry + 8 : spill) + 4 * n, value, little);
    });
    if (!inline) spill += sizeOf(s);
  });
  // The directory after this one.
  view.setUint32(head - 4, from.getUint32(offset + 2 + 12 * count, little), little);
  return out;
}
