import type { StoredKind } from '../../storage/frames/frameRecord';
import type { MadeFile } from '../../storage/frames/madeFrame';
import { fileBlob } from '../../storage/save';

/** A file of a frame out of its parts, which are let go. */
export const madeFile = (
  kind: StoredKind,
  ending: string,
  parts: readonly Uint8Array[],
): MadeFile => ({
  kind,
  ending,
  blob: fileBlob(kind, parts),
});
