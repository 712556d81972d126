/** Where the page's first script puts what an address says behind `#pair=` and `#key=`. */
const SECRET = 'velmo-pair';
const OWNER_KEY = 'velmo-received';

const read = (key: string): string | null => {
  try {
    return sessionStorage.getItem(key);
  } catch {
    // Storage that is shut off: what the address said is gone with it.
    return null;
  }
};

/** True while the address a pairing was asked by has not been used up. */
export const hasPairingSecret = (): boolean => read(SECRET) !== null;

/** The secret that this page was opened with; it is given once. */
export function takePairingSecret(): string | null {
  const secret = read(SECRET);
  if (secret !== null) sessionStorage.removeItem(SECRET);
  return secret;
}

/** What opens the computer's own page, in this tab; null where it was not opened by its address. */
export const ownerKey = (): string | null => read(OWNER_KEY);
