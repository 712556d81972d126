/** Hands a file to the browser as a download. */
export function saveToComputer(name: string, file: Blob): void {
  const url = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser has taken the blob over once the click returns; a minute is more than enough for
  // slow ones.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}

/** Parts laid end to end, as a file of a kind. */
export const fileBlob = (kind: keyof typeof MIME_TYPES, parts: readonly Uint8Array[]): Blob =>
  new Blob([...parts] as Uint8Array<ArrayBuffer>[], { type: MIME_TYPES[kind] });

/** Media types by kind of file. */
export const MIME_TYPES = {
  dng: 'image/x-adobe-dng',
  jpeg: 'image/jpeg',
  tiff: 'image/tiff',
  png: 'image/png',
  webp: 'image/webp',
  avif: 'image/avif',
  heic: 'image/heic',
  raw: 'application/octet-stream',
} as const;
