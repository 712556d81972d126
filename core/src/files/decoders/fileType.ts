/** What a file is, by how it begins. */
export type FileType =
  | { readonly kind: 'tiff' | 'jpeg' | 'png' }
  /** A raw of a maker's own kind. */
  | { readonly kind: 'raw' }
  /** Read by some browsers and not by others. */
  | { readonly kind: 'webp' | 'avif' | 'heic' }
  /** A kind that is known by name and cannot be read. */
  | { readonly kind: null; readonly name: string | null };

/** How much of a file `fileTypeOf` looks at. */
export const HEAD_BYTES = 32;

const starts = (head: Uint8Array, at: number, bytes: readonly number[]): boolean =>
  bytes.every((byte, i) => head[at + i] === byte);

const text = (head: Uint8Array, at: number, word: string): boolean =>
  starts(
    head,
    at,
    Array.from(word, (c) => c.charCodeAt(0)),
  );

/** Brands of ISO base media files that are pictures (ISO/IEC 23008-12, `ftyp`). */
const PICTURES: Readonly<Record<string, 'avif' | 'heic' | undefined>> = {
  avif: 'avif',
  avis: 'avif',
  heic: 'heic',
  heix: 'heic',
  mif1: 'heic',
  msf1: 'heic',
};

/** Others of them (ISO/IEC 14496-12). */
const BRANDS: Readonly<Record<string, string | undefined>> = {
  isom: 'a film',
  mp42: 'a film',
  'qt  ': 'a film',
};

/** Other beginnings: where, what, and whose they are. */
const OTHERS: readonly (readonly [at: number, word: string, name: string])[] = [
  [0, '\u00ff\n', 'JPEG XL'],
  [4, 'JXL ', 'JPEG XL'],
  [0, 'GIF8', 'GIF'],
  [0, 'BM', 'BMP'],
  [0, '%PDF', 'PDF'],
  [0, 'PK', 'ZIP'],
];

/** Beginnings of raw files that are no TIFF, nor quite one: where, and what. */
const RAWS: readonly (readonly [at: number, word: string])[] = [
  [0, 'FUJIFILMCCD-RAW'],
  [0, 'FOVb'],
  [0, '\u0000MRM'],
  [0, 'IIRO'],
  [0, 'IIRS'],
  [0, 'MMOR'],
  [0, 'IIU\u0000'],
  [6, 'HEAPCCDR'],
  [4, 'ftypcrx '],
];

/** @param head the first bytes of the file, `HEAD_BYTES` where it has so many */
export function fileTypeOf(head: Uint8Array): FileType {
  if (RAWS.some(([at, word]) => text(head, at, word))) return { kind: 'raw' };
  if (starts(head, 0, [0xff, 0xd8, 0xff])) return { kind: 'jpeg' };
  if (starts(head, 0, [0x89, 0x50, 0x4e, 0x47])) return { kind: 'png' };
  if (starts(head, 0, [0x49, 0x49, 42, 0]) || starts(head, 0, [0x4d, 0x4d, 0, 42]))
    return { kind: text(head, 8, 'CR') ? 'raw' : 'tiff' };
  if (text(head, 4, 'ftyp')) {
    const brand = String.fromCharCode(...head.subarray(8, 12));
    const picture = PICTURES[brand];
    if (picture) return { kind: picture };
    return { kind: null, name: BRANDS[brand] ?? 'a film or a picture of another kind' };
  }
  if (text(head, 0, 'RIFF') && text(head, 8, 'WEBP')) return { kind: 'webp' };
  const other = OTHERS.find(([at, word]) => text(head, at, word));
  return { kind: null, name: other ? other[2] : null };
}
