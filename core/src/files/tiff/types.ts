/** Field types of TIFF 6.0 and their sizes in bytes. */
export const TIFF_TYPES = {
  BYTE: { code: 1, size: 1 },
  ASCII: { code: 2, size: 1 },
  SHORT: { code: 3, size: 2 },
  LONG: { code: 4, size: 4 },
  RATIONAL: { code: 5, size: 8 },
  SBYTE: { code: 6, size: 1 },
  UNDEFINED: { code: 7, size: 1 },
  SSHORT: { code: 8, size: 2 },
  SLONG: { code: 9, size: 4 },
  SRATIONAL: { code: 10, size: 8 },
  FLOAT: { code: 11, size: 4 },
  DOUBLE: { code: 12, size: 8 },
} as const;

export type TiffType = keyof typeof TIFF_TYPES;

/** Bytes of a value by the code of its type. */
export const TYPE_SIZES: ReadonlyMap<number, number> = new Map(
  Object.values(TIFF_TYPES).map(({ code, size }) => [code, size]),
);

/** One directory entry to write. Rationals are given as pairs: numerator, denominator, ... */
export type TiffField =
  | { readonly tag: number; readonly type: 'ASCII'; readonly text: string }
  | {
      readonly tag: number;
      readonly type: Exclude<TiffType, 'ASCII'>;
      readonly values: ArrayLike<number>;
    }
  /** A value as it stood in another little-endian TIFF: code of its type, count and bytes. */
  | {
      readonly tag: number;
      readonly code: number;
      readonly count: number;
      readonly bytes: Uint8Array;
    }
  /** Offsets of data blocks, filled in by the writer. */
  | { readonly tag: number; readonly blocks: readonly Uint8Array[] }
  /** Offsets of further directories, filled in by the writer. */
  | { readonly tag: number; readonly directories: readonly (readonly TiffField[])[] };
