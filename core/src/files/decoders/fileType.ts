/** What a file is, by how it begins. */
export type FileType =
  | { readonly kind: 'tiff' | 'jpeg' | 'png' }
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
  'crx ': 'CR3',
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
  [0, 'FUJIFILM', 'RAF'],
  [0, 'FOVb', 'X3F'],
  [0, '\u0000MRM', 'MRW'],
  [0, 'PK', 'ZIP'],
  [0, 'IIRO', 'ORF'],
  [0, 'IIRS', 'ORF'],
  [0, 'MMOR', 'ORF'],
  [0, 'IIU\u0000', 'RW2'],
];

/** @param head the first bytes of the file, `HEAD_BYTES` where it has so many */
export function fileTypeOf(head: Uint8Array): FileType {
  if (starts(head, 0, [0xff, 0xd8, 0xff])) return { kind: 'jpeg' };
  if (starts(head, 0, [0x89, 0x50, 0x4e, 0x47])) return { kind: 'png' };
  if (starts(head, 0, [0x49, 0x49, 42, 0]) || starts(head, 0, [0x4d, 0x4d, 0, 42]))
    return text(head, 8, 'CR') ? { kind: null, name: 'CR2' } : { kind: 'tiff' };
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
