/** What frames are called while they are compared, in the order in which they were made. */
export const LETTERS = ['A', 'B', 'C', 'D'] as const;
export type Letter = (typeof LETTERS)[number];
/** As many as can be told apart by a letter. */
export const MAX_COMPARED = LETTERS.length;

type ComparedParams = { readonly [letter in Lowercase<Letter>]?: string };

/** The address' part that names these frames. */
export const comparedParams = (ids: readonly string[]): ComparedParams =>
  Object.fromEntries(ids.slice(0, MAX_COMPARED).map((id, i) => [LETTERS[i].toLowerCase(), id]));

/** The frames an address names, none twice: one laid on itself says nothing. */
export const comparedIds = ({ a, b, c, d }: ComparedParams): string[] => [
  ...new Set([a, b, c, d].filter((id): id is string => typeof id === 'string' && id !== '')),
];

/** How two frames are looked at together. */
export const COMPARE_WAYS = ['flip', 'beside', 'split', 'difference'] as const;
export type CompareWay = (typeof COMPARE_WAYS)[number];
