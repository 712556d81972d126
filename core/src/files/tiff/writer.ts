import { TIFF_TYPES, type TiffField, type TiffType } from './types';

/**
 * A little-endian TIFF as a list of parts to be laid end to end: the directories, then the data
 * blocks.
 */
export function writeTiff(root: readonly TiffField[]): Uint8Array[] {
  const directories = collectDirectories(root);
  let at = 8;
  const offsets = new Map<readonly TiffField[], number>();
  for (const directory of directories) {
    offsets.set(directory, at);
    at += directorySize(directory);
  }
  const blockOffsets = new Map<Uint8Array, number>();
  const blocks: Uint8Array[] = [];
  for (const directory of directories)
    for (const field of directory) {
      if (!('blocks' in field)) continue;
      for (const block of field.blocks) {
        blockOffsets.set(block, at);
        blocks.push(block);
        at += block.length;
        if (at % 2 === 1) {
          blocks.push(new Uint8Array(1));
          at++;
        }
      }
    }
  const head = new Uint8Array([...directories].reduce((sum, d) => sum + directorySize(d), 8));
  const view = new DataView(head.buffer);
  head.set([0x49, 0x49, 42, 0]);
  view.setUint32(4, 8, true);
  for (const directory of directories)
    writeDirectory(view, offsets.get(directory)!, directory, offsets, blockOffsets);
  return [head, ...blocks];
}

function collectDirectories(root: readonly TiffField[]): (readonly TiffField[])[] {
  const found = [root];
  for (const field of root)
    if ('directories' in field)
      for (const sub of field.directories) found.push(...collectDirectories(sub));
  return found;
}

const encoder = new TextEncoder();

/** Type, count and bytes of a field's value. */
function encodeField(
  field: TiffField,
  offsets: ReadonlyMap<readonly TiffField[], number>,
  blockOffsets: ReadonlyMap<Uint8Array, number>,
): { code: number; count: number; bytes: Uint8Array } {
  if ('text' in field) {
    const bytes = encoder.encode(`${field.text}\0`);
    return { code: TIFF_TYPES.ASCII.code, count: bytes.length, bytes };
  }
  if ('bytes' in field) return field;
  if ('blocks' in field)
    return encodeNumbers(
      'LONG',
      field.blocks.map((b) => blockOffsets.get(b) ?? 0),
    );
  if ('directories' in field)
    return encodeNumbers(
      'LONG',
      field.directories.map((d) => offsets.get(d) ?? 0),
    );
  return encodeNumbers(field.type, field.values);
}

function encodeNumbers(
  type: Exclude<TiffType, 'ASCII'>,
  values: ArrayLike<number>,
): { code: number; count: number; bytes: Uint8Array } {
  const { code, size } = TIFF_TYPES[type];
  const pairs = type === 'RATIONAL' || type === 'SRATIONAL';
  const unit = pairs ? 4 : size;
  const bytes = new Uint8Array(values.length * unit);
  const view = new DataView(bytes.buffer);
  for (let i = 0; i < values.length; i++) {
    const v = values[i];
    const o = i * unit;
    if (type === 'BYTE' || type === 'UNDEFINED') view.setUint8(o, v);
    else if (type === 'SBYTE') view.setInt8(o, v);
    else if (type === 'SHORT') view.setUint16(o, v, true);
    else if (type === 'SSHORT') view.setInt16(o, v, true);
    else if (type === 'LONG' || type === 'RATIONAL') view.setUint32(o, v, true);
    else if (type === 'SLONG' || type === 'SRATIONAL') view.setInt32(o, v, true);
    else if (type === 'FLOAT') view.setFloat32(o, v, true);
    else view.setFloat64(o, v, true);
  }
  return { code, count: pairs ? values.length / 2 : values.length, bytes };
}

const NO_OFFSETS = new Map<never, number>();

/** Bytes of a directory with the values that do not fit into its entries. */
function directorySize(directory: readonly TiffField[]): number {
  let size = 2 + 12 * directory.length + 4;
  for (const field of directory) {
    const { bytes } = encodeField(field, NO_OFFSETS, NO_OFFSETS);
    if (bytes.length > 4) size += bytes.length + (bytes.length % 2);
  }
  return size;
}

function writeDirectory(
  view: DataView,
  at: number,
  directory: readonly TiffField[],
  offsets: ReadonlyMap<readonly TiffField[], number>,
  blockOffsets: ReadonlyMap<Uint8Array, number>,
): void {
  const fields = [...directory].sort((a, b) => a.tag - b.tag);
  view.setUint16(at, fields.length, true);
  let entry = at + 2;
  let spill = at + 2 + 12 * fields.length + 4;
  for (const field of fields) {
    const { code, count, bytes } = encodeField(field, offsets, blockOffsets);
    view.setUint16(entry, field.tag, true);
    view.setUint16(entry + 2, code, true);
    view.setUint32(entry + 4, count, true);
    const inline = bytes.length <= 4;
    if (!inline) view.setUint32(entry + 8, spill, true);
    new Uint8Array(view.buffer).set(bytes, inline ? entry + 8 : spill);
    if (!inline) spill += bytes.length + (bytes.length % 2);
    entry += 12;
  }
}
