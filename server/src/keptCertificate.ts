import { X509Certificate } from 'node:crypto';
import { readFile, writeFile } from 'node:fs/promises';
import { ownCertificate, type OwnCertificate } from './lan';

const DAY_MS = 86_400_000;

/** The one that was kept, if it is good for a day more at all these addresses. */
function readKept(text: string, addresses: readonly string[], now: number): OwnCertificate | null {
  try {
    const { key, cert } = JSON.parse(text) as OwnCertificate;
    const read = new X509Certificate(cert);
    const isGood =
      typeof key === 'string' &&
      new Date(read.validTo).getTime() > now + DAY_MS &&
      addresses.every((address) => read.checkIP(address) !== undefined);
    return isGood ? { key, cert, fingerprint: read.fingerprint256 } : null;
  } catch {
    return null;
  }
}

/**
 * The certificate of this computer's last time, so that a phone that trusted it is not asked again;
 * another where it has run out or the addresses are others.
 *
 * @param file where it is kept, with its key, for this user's eyes only
 */
export async function keptCertificate(
  file: string,
  addresses: readonly string[],
  now = Date.now(),
): Promise<OwnCertificate> {
  const kept = readKept(await readFile(file, 'utf8').catch(() => ''), addresses, now);
  if (kept) return kept;
  const made = await ownCertificate(addresses);
  await writeFile(file, JSON.stringify(made), { mode: 0o600 });
  return made;
}
