import type { KitFileProblem, KitProblem, ReadKits } from '@velmo/core/kits';

const FILE_PROBLEMS: Readonly<Record<KitFileProblem, string>> = {
  'no JSON': 'is no JSON file, and kits are: nothing was taken from it.',
  'no kits': 'holds no kits of Velmo: nothing was taken from it.',
  'made by a newer version': 'was made by a newer Velmo: reload to get that, then open it again.',
};

const PROBLEMS: Readonly<Record<KitProblem, string>> = {
  'not a kit': 'is no kit',
  'made by a newer version': 'was made by a newer Velmo',
  damaged: 'holds a value that no kit has',
};

const kitsWords = (n: number): string => `${n} ${n === 1 ? 'kit' : 'kits'}`;

/** What came of a file of kits. */
export function importedWords(name: string, found: ReadKits | { problem: KitFileProblem }): string {
  if ('problem' in found) return `${name} ${FILE_PROBLEMS[found.problem]}`;
  const refused = found.refused.map((kit) => `${kit.name} ${PROBLEMS[kit.problem]}`);
  const left = refused.length > 0 ? ` Left out: ${refused.join('; ')}.` : '';
  return `${kitsWords(found.kits.length)} read from ${name}.${left}`;
}

/** Of kits that are kept and cannot be used by this version. */
export const unreadWords = (n: number): string =>
  `${kitsWords(n)} kept on this device cannot be read by this Velmo, made by a newer one or damaged: kept as it was, not shown.`;
