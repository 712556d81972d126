import type { Kit } from './kit';
import { migrateKit, type KitProblem } from './kitSchema';

/** What an exported file of kits holds. */
interface KitFile {
  readonly velmo: 'kits';
  readonly version: 1;
  readonly kits: readonly Kit[];
}

/** Kits as the text of a file of our own. */
export const kitFileText = (kits: readonly Kit[]): string =>
  `${JSON.stringify({ velmo: 'kits', version: 1, kits } satisfies KitFile, null, 2)}\n`;

/** What of many values are kits, and what of them cannot be used. */
export interface ReadKits {
  readonly kits: readonly Kit[];
  readonly refused: readonly RefusedKit[];
}

export interface RefusedKit {
  /** Its name, or its place: "the 2nd". */
  readonly name: string;
  readonly problem: KitProblem;
  readonly value: unknown;
}

const nameOf = (value: unknown, index: number): string => {
  const name = (value as { name?: unknown } | null)?.name;
  return typeof name === 'string' && name.trim() !== '' ? name.slice(0, 60) : `no. ${index + 1}`;
};

/**
 * Reads kits of any version, each by itself.
 *
 * @param isKit whether a value is what KIT_SCHEMA describes
 */
export function readKits(
  values: readonly unknown[],
  isKit: (value: unknown) => value is Kit,
): ReadKits {
  const kits: Kit[] = [];
  const refused: RefusedKit[] = [];
  values.forEach((value, index) => {
    const migrated = migrateKit(value);
    const problem = 'problem' in migrated ? migrated.problem : 'damaged';
    if ('kit' in migrated && isKit(migrated.kit)) kits.push(migrated.kit);
    else refused.push({ name: nameOf(value, index), problem, value });
  });
  return { kits, refused };
}

/** Why a file holds no kits. */
export type KitFileProblem = 'no JSON' | 'no kits' | 'made by a newer version';

/** The kits of a file, by its text; or why there are none. */
export function kitsOfFile(
  text: string,
  isKit: (value: unknown) => value is Kit,
): ReadKits | { problem: KitFileProblem } {
  let file: Partial<Record<keyof KitFile, unknown>> | null;
  try {
    file = JSON.parse(text) as typeof file;
  } catch {
    return { problem: 'no JSON' };
  }
  if (file?.velmo !== 'kits' || !Array.isArray(file.kits)) return { problem: 'no kits' };
  if (typeof file.version === 'number' && file.version > 1)
    return { problem: 'made by a newer version' };
  return readKits(file.kits, isKit);
}
