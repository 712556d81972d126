/** Keys of the record database: a frame, a name that is given, a frame being written. */
export const FRAME = 'frame/';
/** Before the id of a frame that is being written. */
export const WRITING = 'writing/';
const NAME = 'name/';
/** A roll, and what was decided of a frame. */
export const ROLL = 'roll/';
const DECIDED = 'decided/';

/** Names that differ in case only are the same: not every file system keeps them apart. */
export const nameKey = (stem: string): string => `${NAME}${stem.toLowerCase()}`;

/** Key of a roll's record. */
export const rollKey = (id: string): string => ROLL + id;

/** Key of what is decided of a frame. */
export const decidedKey = (id: string): string => DECIDED + id;

/** Keys of the byte database, as version 1 had them too. */
export const bytesOf = (id: string): string => `bytes/${id}/`;

export const chunkKeys = (
  id: string,
  { name, chunks }: { readonly name: string; readonly chunks: number },
): string[] => Array.from({ length: chunks }, (_, n) => `${bytesOf(id)}${name}/${n}`);
