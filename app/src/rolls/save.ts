/** Hands bytes to the browser as a download. */
export function saveToComputer(name: string, parts: readonly Uint8Array[], type: string): void {
  const url = URL.createObjectURL(new Blob([...parts] as Uint8Array<ArrayBuffer>[], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser has taken the blob over once the click returns; a minute is more than enough for slow ones.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}

export const MIME_TYPES = {
  dng: 'image/x-adobe-dng',
  jpeg: 'image/jpeg',
  tiff: 'image/tiff',
  png: 'image/png',
} as const;
