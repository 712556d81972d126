/** One thing a file says about itself. */
export interface MetadataEntry {
  /** The standard's own name of it. */
  readonly name: string;
  readonly value: string;
}

/** Metadata that belong together, under a heading. */
export interface MetadataGroup {
  readonly title: string;
  readonly entries: readonly MetadataEntry[];
}

/** Groups with only what has these letters in its name or value; all of it where none are given. */
export function searched(groups: readonly MetadataGroup[], letters: string): MetadataGroup[] {
  const wanted = letters.trim().toLowerCase();
  if (wanted === '') return [...groups];
  return groups
    .map(({ title, entries }) => ({
      title,
      entries: entries.filter(({ name, value }) =>
        `${name} ${spaced(name)} ${value}`.toLowerCase().includes(wanted),
      ),
    }))
    .filter(({ entries }) => entries.length > 0);
}

/** "PhotometricInterpretation" as one would type it: "Photometric Interpretation". */
const spaced = (name: string): string => name.replace(/([a-z])([A-Z])/g, '$1 $2');
