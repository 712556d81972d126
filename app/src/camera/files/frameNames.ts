/** An id that sorts by time and never repeats on one device. */
export function frameId(epochMs: number): string {
  const random = crypto.getRandomValues(new Uint32Array(1))[0].toString(36);
  return `${epochMs.toString(36).padStart(9, '0')}-${random.padStart(7, '0')}`;
}

/** A time as it can stand in a file name: "1-125s". */
export const timeInName = (words: string): string => words.replace('/', '-').replace(' ', '');
