import { createHash, randomBytes } from 'node:crypto';
import { readFile, rename, writeFile } from 'node:fs/promises';
import { safeName } from '@velmo/core/file/files/safeName';
import { MAX_PHONE_NAME, type PairedPhone } from '@velmo/core/handoff';
import { isSameText } from './guards';

/** A code on a screen is good for as long as it takes to find the phone. */
const SECRET_LASTS_MS = 15 * 60_000;
/** Codes that are good at the same time; the oldest goes. */
const MAX_SECRETS = 8;
const MAX_PHONES = 50;

interface KeptPhone extends PairedPhone {
  /** SHA-256 of its token: who reads the file cannot send. */
  readonly tokenHash: string;
}

const hashOf = (text: string): string => createHash('sha256').update(text).digest('hex');

/** 128 bits, as RFC 6750 lets a token be written. */
const randomText = (): string => randomBytes(16).toString('base64url');

const isPhone = (value: KeptPhone | null): value is KeptPhone =>
  typeof value?.id === 'string' &&
  typeof value.name === 'string' &&
  typeof value.pairedAt === 'number' &&
  /^[0-9a-f]{64}$/.test(value.tokenHash);

/** The phones that may hand files over, and the secrets that make another one of them. */
export class Phones {
  private readonly secrets = new Map<string, number>();
  private keeping: Promise<void> = Promise.resolve();

  private constructor(
    private readonly file: string,
    private phones: readonly KeptPhone[],
    private readonly now: () => number,
  ) {}

  /** @param file what is known of them; one that cannot be read knows none */
  static async open(file: string, now: () => number = Date.now): Promise<Phones> {
    const text = await readFile(file, 'utf8').catch(() => '[]');
    let phones: unknown = [];
    try {
      phones = JSON.parse(text);
    } catch {
      // They pair once more.
    }
    return new Phones(file, Array.isArray(phones) ? phones.filter(isPhone) : [], now);
  }

  list(): readonly PairedPhone[] {
    return this.phones.map(({ id, name, pairedAt }) => ({ id, name, pairedAt }));
  }

  /** A secret that pairs one phone, and until when. */
  secret(): { readonly secret: string; readonly expiresAt: number } {
    const secret = randomText();
    const expiresAt = this.now() + SECRET_LASTS_MS;
    this.secrets.set(hashOf(secret), expiresAt);
    const [oldest] = this.secrets.keys();
    if (this.secrets.size > MAX_SECRETS) this.secrets.delete(oldest);
    return { secret, expiresAt };
  }

  /** Takes a secret, which is then gone. @returns the phone and its token; null: it is not good */
  async pair(
    secret: string,
    name: string,
  ): Promise<{ readonly phone: PairedPhone; readonly token: string } | null> {
    const hash = hashOf(secret);
    const expiresAt = this.secrets.get(hash);
    this.secrets.delete(hash);
    if (expiresAt === undefined || expiresAt < this.now()) return null;
    if (this.phones.length >= MAX_PHONES) return null;
    const token = randomText();
    const phone = {
      id: randomBytes(6).toString('hex'),
      name: this.freeName(safeName([...name].slice(0, MAX_PHONE_NAME).join(''))),
      pairedAt: this.now(),
    };
    await this.keep([...this.phones, { ...phone, tokenHash: hashOf(token) }]);
    return { phone, token };
  }

  /** The phone whose token this is; every one is compared, in the same time. */
  of(token: string): PairedPhone | null {
    const hash = hashOf(token);
    let found: KeptPhone | null = null;
    for (const phone of this.phones) if (isSameText(phone.tokenHash, hash)) found = phone;
    return found;
  }

  /** Knows it no more. */
  async remove(id: string): Promise<void> {
    await this.keep(this.phones.filter((phone) => phone.id !== id));
  }

  /** Each has a folder of its own, also where folders differ by case no more. */
  private freeName(name: string): string {
    const taken = new Set(this.phones.map((phone) => phone.name.toLowerCase()));
    let free = name;
    for (let n = 2; taken.has(free.toLowerCase()); n++) free = `${name} ${n}`;
    return free;
  }

  /** Written one after the other, whoever pairs meanwhile. */
  private keep(phones: readonly KeptPhone[]): Promise<void> {
    this.phones = phones;
    this.keeping = this.keeping
      .catch(() => {})
      .then(async () => {
        await writeFile(`${this.file}.new`, JSON.stringify(this.phones), { mode: 0o600 });
        await rename(`${this.file}.new`, this.file);
      });
    return this.keeping;
  }
}
