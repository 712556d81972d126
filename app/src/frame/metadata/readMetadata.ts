import { tiffDirectories, type TiffDirectoryText } from '@velmo/core/files';
import { DOMParser } from '@xmldom/xmldom';
import ExifReader from 'exifreader';
import type { MetadataEntry, MetadataGroup } from './metadataGroups';

/** Groups of ExifReader, in the order in which they are shown, and what they are called. */
const GROUPS: readonly (readonly [string, string])[] = [
  ['exif', 'Exif'],
  ['gps', 'Place (GPS)'],
  ['iptc', 'IPTC'],
  ['xmp', 'XMP'],
  ['icc', 'Colour profile (ICC)'],
  ['pngText', 'PNG text'],
  ['png', 'PNG'],
  ['jfif', 'JFIF'],
  ['makerNotes', 'Maker’s notes'],
];

/** Longer values are cut: a maker's table is no reading. */
const MAX_VALUE = 300;

interface ReadTag {
  readonly id?: number;
  readonly description?: unknown;
  readonly value?: unknown;
}

function textOf(tag: ReadTag): string {
  const said = tag.description ?? tag.value;
  const text = typeof said === 'string' ? said : JSON.stringify(said ?? '');
  return text.length > MAX_VALUE ? `${text.slice(0, MAX_VALUE)} ...` : text;
}

/** @param known tags that our own reader tells already */
function entriesOf(group: object, known: ReadonlySet<number>): MetadataEntry[] {
  return Object.entries(group as Record<string, ReadTag | undefined>)
    .filter(([name, tag]) => tag && typeof tag === 'object' && !name.startsWith('_'))
    .filter(([, tag]) => tag!.id === undefined || !known.has(tag!.id))
    .map(([name, tag]) => ({ name, value: textOf(tag!) }));
}

/** Everything a file says about itself, grouped; nothing where it says nothing that can be read. */
export function readMetadata(bytes: Uint8Array<ArrayBuffer>): MetadataGroup[] {
  const directories = tiffDirectories(bytes);
  const known = new Set(directories.flatMap(({ tags }) => tags.map(({ tag }) => tag)));
  const groups: MetadataGroup[] = [];
  try {
    const read = ExifReader.load(bytes.buffer, {
      expanded: true,
      includeUnknown: false,
      // Workers have no DOMParser of their own.
      domParser: new DOMParser({ onError: () => {} }),
    });
    for (const [key, title] of GROUPS) {
      const group = (read as unknown as Record<string, object | undefined>)[key];
      if (group) groups.push({ title, entries: entriesOf(group, known) });
    }
  } catch {
    // A file without any of this is no broken file.
  }
  const images = directories.map(({ title, tags }: TiffDirectoryText) => ({
    title,
    entries: tags.map(({ name, value }) => ({ name, value })),
  }));
  return [...groups, ...images].filter(({ entries }) => entries.length > 0);
}
