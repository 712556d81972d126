import { DngError } from '../dng/dngError';
import { TIFF_TYPES, TYPE_SIZES } from './types';

/** A value as it stands in the file; numbers are read on demand. */
export interface TiffEntry {
  readonly tag: number;
  readonly type: number;
  readonly count: number;
  /** Offset of the first value. */
  readonly at: number;
}

export interface TiffDirectory {
  readonly offset: number;
  readonly entries: ReadonlyMap<number, TiffEntry>;
}

const MAX_ENTRIES = 1024;
/** Most values any one entry is read for; tile lists of the largest frames are far below. */
const MAX_VALUES = 1 << 20;
const MAX_DIRECTORIES = 32;

/** Reads directories of a TIFF, never past its end, never twice the same, in bounded time. */
export class TiffReader {
  /** Little-endian. */
  readonly little: boolean;
  private readonly view: DataView;
  private readonly seen = new Set<number>();

  /** Throws DngError when the bytes are no TIFF. */
  constructor(readonly bytes: Uint8Array) {
    this.view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
    if (bytes.length < 8) throw new DngError('The file is too short to be a DNG.');
    const order = this.view.getUint16(0);
    this.little = order === 0x4949;
    if ((!this.little && order !== 0x4d4d) || this.view.getUint16(2, this.little) !== 42)
      throw new DngError('This is not a DNG: it does not start like a TIFF.');
  }

  /** The first directory. */
  root(): TiffDirectory {
    return this.directory(this.view.getUint32(4, this.little));
  }

  /** The directory at an offset. Throws DngError when it is broken, or was read before (a loop). */
  directory(offset: number): TiffDirectory {
    if (this.seen.has(offset))
      throw new DngError('The DNG is broken: its directories form a loop.');
    if (this.seen.size >= MAX_DIRECTORIES)
      throw new DngError('The DNG is broken: it has too many directories.');
    this.seen.add(offset);
    if (offset + 2 > this.bytes.length) throw this.truncated();
    const count = this.view.getUint16(offset, this.little);
    if (count > MAX_ENTRIES || offset + 2 + 12 * count > this.bytes.length) throw this.truncated();
    const entries = new Map<number, TiffEntry>();
    for (let i = 0; i < count; i++) {
      const at = offset + 2 + 12 * i;
      const type = this.view.getUint16(at + 2, this.little);
      const size = TYPE_SIZES.get(type);
      if (size === undefined) continue;
      const values = this.view.getUint32(at + 4, this.little);
      const length = values * size;
      const valueAt = length <= 4 ? at + 8 : this.view.getUint32(at + 8, this.little);
      // An entry that points outside the file is left out: what needs it will say that it is
      // missing.
      if (valueAt + length > this.bytes.length) continue;
      const tag = this.view.getUint16(at, this.little);
      entries.set(tag, { tag, type, count: values, at: valueAt });
    }
    return { offset, entries };
  }

  /** The directory that follows another one; null after the last. Throws as `directory` does. */
  after({ offset }: TiffDirectory): TiffDirectory | null {
    const at = offset + 2 + 12 * this.view.getUint16(offset, this.little);
    const next = at + 4 <= this.bytes.length ? this.view.getUint32(at, this.little) : 0;
    return next === 0 ? null : this.directory(next);
  }

  /** Numbers of an entry; rationals divided out. Empty when the entry is missing. */
  numbers(directory: TiffDirectory, tag: number): number[] {
    const entry = directory.entries.get(tag);
    if (!entry || entry.count > MAX_VALUES) return [];
    const size = TYPE_SIZES.get(entry.type)!;
    return Array.from({ length: entry.count }, (_, i) =>
      this.number(entry.type, entry.at + i * size),
    );
  }

  /** First number of an entry, or undefined. */
  first(directory: TiffDirectory, tag: number): number | undefined {
    const entry = directory.entries.get(tag);
    return entry && entry.count > 0 ? this.number(entry.type, entry.at) : undefined;
  }

  /** Text of an ASCII, byte or undefined entry up to its first NUL, or undefined. */
  text(directory: TiffDirectory, tag: number): string | undefined {
    const entry = directory.entries.get(tag);
    if (!entry || TYPE_SIZES.get(entry.type) !== 1) return undefined;
    const raw = this.bytes.subarray(entry.at, entry.at + Math.min(entry.count, 1 << 16));
    const end = raw.indexOf(0);
    return new TextDecoder().decode(end < 0 ? raw : raw.subarray(0, end));
  }

  /** An entry's type, count and bytes, little-endian whatever the file is. */
  stored({ type, count, at }: TiffEntry): { code: number; count: number; bytes: Uint8Array } {
    const size = TYPE_SIZES.get(type)!;
    const bytes = this.bytes.slice(at, at + count * size);
    const isRational = type === TIFF_TYPES.RATIONAL.code || type === TIFF_TYPES.SRATIONAL.code;
    const unit = isRational ? size / 2 : size;
    if (!this.little && unit > 1)
      for (let from = 0; from < bytes.length; from += unit)
        bytes.subarray(from, from + unit).reverse();
    return { code: type, count, bytes };
  }

  /** Bytes of the file. Throws DngError when they are not all there. */
  slice(offset: number, length: number): Uint8Array {
    if (!(offset >= 0 && length >= 0) || offset + length > this.bytes.length)
      throw this.truncated();
    return this.bytes.subarray(offset, offset + length);
  }

  private truncated(): DngError {
    return new DngError(
      'The DNG is broken or cut short: part of it lies past the end of the file.',
    );
  }

  private number(type: number, at: number): number {
    const v = this.view;
    const little = this.little;
    switch (type) {
      case 1:
      case 2:
      case 7:
        return v.getUint8(at);
      case 3:
        return v.getUint16(at, little);
      case 4:
        return v.getUint32(at, little);
      case 5:
        return v.getUint32(at, little) / v.getUint32(at + 4, little);
      case 6:
        return v.getInt8(at);
      case 8:
        return v.getInt16(at, little);
      case 9:
        return v.getInt32(at, little);
      case 10:
        return v.getInt32(at, little) / v.getInt32(at + 4, little);
      case 11:
        return v.getFloat32(at, little);
      default:
        return v.getFloat64(at, little);
    }
  }
}
