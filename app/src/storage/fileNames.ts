/** How files are called: a pattern the photographer chose, and the number of the next frame. */
export interface NamePattern {
  readonly pattern: string;
  readonly count: number;
}

/** What a name is made of besides the frame's own facts. */
export interface Naming extends NamePattern {
  /** The roll's name. */
  readonly roll: string;
}

/** As frames are named before anything was chosen. */
export const DEFAULT_NAMING: Naming = {
  pattern: '{roll}-{date}-{count}',
  roll: 'salt-works',
  count: 1,
};

/** What a frame brings to its name. */
export interface NameFacts {
  readonly epochMs: number;
  readonly offsetMinutes: number;
  readonly place: string;
  /** "1-125s" and "100"; empty where not known. */
  readonly time: string;
  readonly iso: string;
}

/** What stands for what in a pattern. */
export const NAME_PARTS = ['roll', 'date', 'time', 'count', 'place', 'shutter', 'iso'] as const;
type NamePart = (typeof NAME_PARTS)[number];

/** Letters of a pattern at most. */
export const MAX_PATTERN = 80;
const MAX_STEM_BYTES = 96;
const COUNT_DIGITS = 4;

const two = (n: number): string => String(n).padStart(2, '0');

function partsOf(naming: Naming, facts: NameFacts): Record<NamePart, string> {
  const d = new Date(facts.epochMs + facts.offsetMinutes * 60000);
  const milliseconds = String(d.getUTCMilliseconds()).padStart(3, '0');
  return {
    roll: naming.roll,
    date: `${d.getUTCFullYear()}${two(d.getUTCMonth() + 1)}${two(d.getUTCDate())}`,
    time: `${two(d.getUTCHours())}${two(d.getUTCMinutes())}${two(d.getUTCSeconds())}-${milliseconds}`,
    count: String(naming.count).padStart(COUNT_DIGITS, '0'),
    place: facts.place,
    shutter: facts.time,
    iso: facts.iso,
  };
}

/** Parts of a pattern that stand for nothing: probably misspelt. */
export const unknownParts = (pattern: string): string[] =>
  Array.from(pattern.matchAll(/\{([^{}]*)\}/g), (m) => m[1]).filter(
    (name) => !(NAME_PARTS as readonly string[]).includes(name),
  );

/** Names that Windows keeps for devices. */
const RESERVED = /^(con|prn|aux|nul|com[0-9]|lpt[0-9])$/i;
/** What no file system, or not every one, takes in a name; control characters included. */

const UNSAFE = /[<>:"/\\|?*{}\u0000-\u001f\u007f]/g;

/** A file name without extension that every file system takes. */
export function safeStem(text: string): string {
  let stem = text
    .normalize('NFC')
    .replace(UNSAFE, '-')
    .replace(/\s+/g, '-')
    .replace(/-{2,}/g, '-')
    .replace(/^[-.]+|[-.]+$/g, '');
  while (new TextEncoder().encode(stem).length > MAX_STEM_BYTES)
    stem = Array.from(stem).slice(0, -1).join('');
  stem = stem.replace(/[-.]+$/, '');
  if (stem === '') return 'frame';
  return RESERVED.test(stem.split('.')[0]) ? `_${stem}` : stem;
}

/** The name a pattern gives a frame. */
export function stemOf(naming: Naming, facts: NameFacts): string {
  const parts = partsOf(naming, facts);
  return safeStem(
    naming.pattern.replace(/\{([^{}]*)\}/g, (_, name: string) => parts[name as NamePart] ?? name),
  );
}

/**
 * The same, or with -2, -3 ... behind it where it is taken; names that differ in case only are the
 * same.
 */
export function freeStem(stem: string, taken: ReadonlySet<string>): string {
  if (!taken.has(stem.toLowerCase())) return stem;
  let n = 2;
  while (taken.has(`${stem}-${n}`.toLowerCase())) n++;
  return `${stem}-${n}`;
}
