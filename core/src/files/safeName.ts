/** Longest name, in characters: with a folder's before it, every system takes it. */
const MAX_NAME = 120;

/** Characters that some system gives a meaning to, and those that are not seen. */
const UNSAFE = /[\u0000-\u001f\u007f-\u009f\u200b-\u200f\u2028-\u202e\u2066-\u2069<>:"/\\|?*]/g;

/** Names of devices, with any ending (Windows). */
const DEVICES = /^(con|prn|aux|nul|com\d|lpt\d)(\.|$)/i;

/**
 * A name under which a file can lie in any folder of any system, and nowhere else: no separator, no
 * name of a device, no dot before or behind it. Never empty.
 */
export function safeName(name: string): string {
  const plain = name
    .normalize('NFC')
    .replace(UNSAFE, '-')
    .replace(/^[\s.]+|[\s.]+$/g, '');
  const dot = plain.lastIndexOf('.');
  const ending = dot > 0 && plain.length - dot <= 12 ? plain.slice(dot) : '';
  const stem = plain.slice(0, plain.length - ending.length);
  const cut =
    [...stem]
      .slice(0, MAX_NAME - ending.length)
      .join('')
      .trimEnd() + ending;
  return DEVICES.test(cut) ? `_${cut}` : cut || 'unnamed';
}

/**
 * The same name with a number where a folder has it already, whatever its case; it is noted there.
 */
export function uniqueName(name: string, taken: Set<string>): string {
  const dot = name.lastIndexOf('.');
  const [stem, ending] = dot > 0 ? [name.slice(0, dot), name.slice(dot)] : [name, ''];
  let free = name;
  for (let n = 2; taken.has(free.toLowerCase()); n++) free = `${stem} (${n})${ending}`;
  taken.add(free.toLowerCase());
  return free;
}
