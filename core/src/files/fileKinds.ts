import type { FileKind } from '../settings/settings';

/** A DNG is among the files. */
export const wantsDng = (kind: FileKind): boolean => kind === 'dng' || kind === 'dng+jpeg';

/** A developed picture of full size is among the files. */
export const wantsPicture = (kind: FileKind): boolean => kind !== 'dng';
