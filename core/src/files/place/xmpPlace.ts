/** Properties of XMP that say where something was taken (exif:GPSLatitude and others). */
const AS_ATTRIBUTE = /[\w-]+:GPS\w+\s*=\s*("[^"]*"|'[^']*')/g;
const AS_ELEMENT = /<([\w-]+:GPS\w+)\b[^>]*>[^]*?<\/\1\s*>/g;

/** Overwrites, in place, what an XMP packet says of where something was taken by blanks. */
export function blankXmpPlace(bytes: Uint8Array): void {
  // One character a byte: places in the text are places in the file.
  const text = Array.from(bytes, (byte) => String.fromCharCode(byte)).join('');
  for (const pattern of [AS_ELEMENT, AS_ATTRIBUTE])
    for (const { index, 0: found } of text.matchAll(pattern))
      bytes.fill(0x20, index, index + found.length);
}
