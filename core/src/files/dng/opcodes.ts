import type { TiffDirectory, TiffReader } from '../tiff/reader';
import { readGainMap, type GainMap } from './gainMap';
import { TAG } from './tags';

/**
 * Corrections a DNG lists, as far as they are known (DNG 1.4, chapter 7, "Opcode list processing").
 */
export interface Corrections {
  /** Gain maps, of the mosaic or of the colours. */
  readonly gainMaps: readonly GainMap[];
  /** Names of those that ought to be applied and are not. */
  readonly unapplied: readonly string[];
}

const NAMES: Readonly<Record<number, string>> = {
  1: 'WarpRectilinear',
  2: 'WarpFisheye',
  3: 'FixVignetteRadial',
  4: 'FixBadPixelsConstant',
  5: 'FixBadPixelsList',
  6: 'TrimBounds',
  7: 'MapTable',
  8: 'MapPolynomial',
  9: 'GainMap',
  10: 'DeltaPerRow',
  11: 'DeltaPerColumn',
  12: 'ScalePerRow',
  13: 'ScalePerColumn',
  14: 'WarpRectilinear2',
};
const GAIN_MAP = 9;
/** A reader may leave it out. */
const OPTIONAL = 1;
const MAX_OPCODES = 64;
const HEAD_BYTES = 16;

/**
 * Reads the lists of a raw image; what is broken in them is left out. Opcodes are big-endian in any
 * file.
 */
export function readCorrections(reader: TiffReader, d: TiffDirectory): Corrections {
  const gainMaps: GainMap[] = [];
  const unapplied = new Set<string>();
  for (const list of [TAG.OpcodeList1, TAG.OpcodeList2, TAG.OpcodeList3]) {
    const entry = d.entries.get(list);
    if (!entry || entry.count < 4) continue;
    const bytes = reader.slice(entry.at, entry.count);
    const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.length);
    const count = Math.min(MAX_OPCODES, view.getUint32(0));
    for (let n = 0, at = 4; n < count && at + HEAD_BYTES <= bytes.length; n++) {
      const id = view.getUint32(at);
      const flags = view.getUint32(at + 8);
      const length = view.getUint32(at + 12);
      const from = at + HEAD_BYTES;
      at = from + length;
      if (at > bytes.length) break;
      const map = id === GAIN_MAP ? readGainMap(bytes.subarray(from, at)) : null;
      if (map) gainMaps.push(map);
      else if ((flags & OPTIONAL) === 0) unapplied.add(NAMES[id] ?? `opcode ${id}`);
    }
  }
  return { gainMaps, unapplied: [...unapplied] };
}
