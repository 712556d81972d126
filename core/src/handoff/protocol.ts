/**
 * What a phone and a computer say to each other. A phone is paired once, by a secret that is good
 * for one pairing, and shows the token it got for it from then on. It offers files by what they
 * hold, and sends the bytes of those that have not arrived, from where the computer has them.
 */

/** Where the computer listens; a pairing secret follows `PAIR_HASH` in the page's address. */
export const HANDOFF_PATH = '/handoff';
export const PAIR_HASH = '#pair=';

/** The byte that a body begins at, and the number of bytes that are there (as in tus 1.0). */
export const UPLOAD_OFFSET = 'upload-offset';

/** Longest name of a phone, in characters; longest path of a file, with its folders. */
export const MAX_PHONE_NAME = 40;
export const MAX_HANDED_PATH = 400;
/** Largest file, in bytes; most files that are offered at once. */
export const MAX_HANDED_BYTES = 2 ** 31;
export const MAX_OFFERED = 200;

/** A file as it is offered. */
export interface OfferedFile {
  /** Of its bytes, 64 lower-case hexadecimal digits (FIPS 180-4). */
  readonly sha256: string;
  readonly bytes: number;
  /** Where it is to lie, folders before its name; made safe by the computer. */
  readonly path: string;
}

/** What a computer has of an offered file: all of it, or that many of its first bytes. */
export type Arrival = 'arrived' | number;

/** What a phone gets for a secret. */
export interface Pairing {
  readonly token: string;
  /** What the computer and its folder are called. */
  readonly computer: string;
  readonly folder: string;
}

/** A file that has arrived, as the computer's own page lists it. */
export interface ArrivedFile {
  readonly sha256: string;
  readonly bytes: number;
  /** Under the computer's folder. */
  readonly path: string;
  readonly device: string;
  /** Milliseconds since 1970. */
  readonly at: number;
}

/** A paired phone, as the computer's own page lists it. */
export interface PairedPhone {
  readonly id: string;
  readonly name: string;
  /** Milliseconds since 1970. */
  readonly pairedAt: number;
}

/** What the computer's own page shows. */
export interface ReceivedSummary {
  readonly folder: string;
  readonly phones: readonly PairedPhone[];
  readonly files: number;
  readonly bytes: number;
  /** Those that came last, the latest first. */
  readonly latest: readonly ArrivedFile[];
}

/** A code that pairs one phone. */
export interface PairingCode {
  readonly url: string;
  /** Milliseconds since 1970. */
  readonly expiresAt: number;
}
