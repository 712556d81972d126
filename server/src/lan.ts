import { X509Certificate } from 'node:crypto';
import { networkInterfaces, hostname } from 'node:os';
import QRCode from 'qrcode';
import { PAIR_HASH } from '@velmo/core/handoff';
import { generate } from 'selfsigned';

/** A key and a certificate for it, in PEM. */
export interface OwnCertificate {
  readonly key: string;
  readonly cert: string;
  /** SHA-256 of the certificate, as browsers show it. */
  readonly fingerprint: string;
}

const DAYS_VALID = 30;
const DAY_MS = 86_400_000;
/** SubjectAltName types of RFC 5280: a DNS name, an IP address. */
const [DNS, IP] = [2, 7] as const;

/** IPv4 addresses of this computer that others on its networks can reach. */
export const lanAddresses = (interfaces = networkInterfaces()): string[] =>
  Object.values(interfaces)
    .flatMap((all) => all ?? [])
    .filter(
      ({ family, internal, address }) =>
        family === 'IPv4' && !internal && !address.startsWith('169.254.'),
    )
    .map(({ address }) => address);

/**
 * A certificate made on the spot, which no browser knows: valid for localhost and these addresses.
 */
export async function ownCertificate(addresses: readonly string[]): Promise<OwnCertificate> {
  const altNames = [
    { type: DNS, value: 'localhost' },
    { type: DNS, value: hostname() },
    ...['127.0.0.1', ...addresses].map((ip) => ({ type: IP, ip })),
  ];
  const now = Date.now();
  const { private: key, cert } = await generate(
    [{ name: 'commonName', value: 'Velmo on this computer' }],
    {
      keySize: 2048,
      algorithm: 'sha256',
      // A phone's clock may be a little behind.
      notBeforeDate: new Date(now - DAY_MS),
      notAfterDate: new Date(now + DAYS_VALID * DAY_MS),
      extensions: [
        { name: 'basicConstraints', cA: false },
        { name: 'keyUsage', digitalSignature: true, keyEncipherment: true },
        { name: 'extKeyUsage', serverAuth: true },
        { name: 'subjectAltName', altNames },
      ],
    },
  );
  return { key, cert, fingerprint: new X509Certificate(cert).fingerprint256 };
}

/** The address of Velmo on a phone; with a secret, one that pairs it as well. */
export const phoneUrl = (address: string, port: number, secret = ''): string =>
  `https://${address}:${port}/?device=browser${secret && PAIR_HASH + secret}`;

/** What else is printed where phones can hand files over. */
export interface ReceivingWords {
  /** Pairs the phone that scans it. */
  readonly secret: string;
  readonly folder: string;
  /** Opens the computer's own page. */
  readonly ownerKey: string;
}

/**
 * What is printed for whoever holds the phone: addresses, a QR code of the first, what the browser
 * will say, where files go.
 */
export async function lanWords(
  addresses: readonly string[],
  port: number,
  fingerprint: string,
  { secret, folder, ownerKey }: ReceivingWords,
): Promise<string> {
  const urls = addresses.map((address) => phoneUrl(address, port));
  const ownPage = [
    'What came, phones, and codes for more of them: only on this computer, at',
    `https://localhost:${port}/received#key=${ownerKey}`,
  ];
  if (urls.length === 0)
    return [
      `This computer is on no network a phone could reach it by. Velmo is at https://localhost:${port}`,
      ...ownPage,
    ].join('\n');
  return [
    `Velmo is at ${urls[0]}`,
    ...urls.slice(1).map((url) => `         or ${url}`),
    '',
    await QRCode.toString(phoneUrl(addresses[0], port, secret), {
      type: 'terminal',
      small: true,
      errorCorrectionLevel: 'M',
    }),
    'Scan it with a phone on the same network: it opens Velmo there, and pairs that phone with this',
    'computer, once and within a quarter of an hour. Frames that it delivers to the computer lie in',
    folder,
    ...ownPage,
    '',
    'The phone’s browser will warn that it does not know the certificate: this computer made it for',
    'itself. Compare its SHA-256 if in doubt, and go on:',
    fingerprint,
    'Browsers keep no copy of a page with such a certificate: opening Velmo on the phone needs this computer.',
  ].join('\n');
}
