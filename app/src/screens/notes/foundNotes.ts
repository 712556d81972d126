import { NOTES, type Note } from '@velmo/core/notes';

const plain = (text: string): string => text.normalize('NFKD').toLowerCase();

/** Notes that have all words of what is looked for, those with them in the title first. */
export function foundNotes(wanted: string): readonly Note[] {
  const words = plain(wanted).split(/\s+/).filter(Boolean);
  const has = (text: string): boolean => words.every((word) => plain(text).includes(word));
  const found = NOTES.filter(({ title, text }) => has([title, ...text].join(' ')));
  return [...found].sort((a, b) => Number(has(b.title)) - Number(has(a.title)));
}
