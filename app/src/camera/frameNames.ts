const two = (n: number): string => String(n).padStart(2, '0');

/** An id that sorts by time and never repeats on one device. */
export function frameId(epochMs: number): string {
  const random = crypto.getRandomValues(new Uint32Array(1))[0].toString(36);
  return `${epochMs.toString(36).padStart(9, '0')}-${random.padStart(7, '0')}`;
}

/** File name without extension, safe on every file system: "velmo-20261123-220512-417". */
export function fileStem(epochMs: number, offsetMinutes: number): string {
  const d = new Date(epochMs + offsetMinutes * 60000);
  const date = `${d.getUTCFullYear()}${two(d.getUTCMonth() + 1)}${two(d.getUTCDate())}`;
  const time = `${two(d.getUTCHours())}${two(d.getUTCMinutes())}${two(d.getUTCSeconds())}`;
  return `velmo-${date}-${time}-${String(d.getUTCMilliseconds()).padStart(3, '0')}`;
}
