import { createHash, randomBytes } from 'node:crypto';
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  httpLine,
  pair,
  type Fetch,
  type HandoffLine,
  type OfferedFile,
} from '@velmo/core/handoff';
import { createServer } from '../src/createServer';
import type { HandoffOptions } from '../src/handoff/handoffRoutes';
import { Inbox } from '../src/handoff/inbox';

export const OWNER = 'owner-key-of-this-test';

const temporary = (name: string): string => mkdtempSync(join(tmpdir(), `velmo-${name}-`));

/** A built app of one page. */
export function onePage(): string {
  const root = temporary('dist');
  writeFileSync(join(root, 'index.html'), '<title>Velmo</title>');
  return root;
}

export interface Receiving {
  readonly origin: string;
  readonly folder: string;
  readonly inbox: Inbox;
  readonly server: Awaited<ReturnType<typeof createServer>>;
  /** Pairs another phone. @returns its token */
  pairPhone(name: string): Promise<string>;
  end(): Promise<void>;
}

/** A server that receives into a folder; by http, as TLS is tested elsewhere. */
export async function receiving(
  options: Partial<HandoffOptions> = {},
  folder = temporary('inbox'),
): Promise<Receiving> {
  const inbox = options.inbox ?? (await Inbox.open(folder));
  const server = await createServer(onePage(), undefined, {
    inbox,
    ownerKey: OWNER,
    codeUrl: (secret) => `https://192.168.7.23:4173/?device=browser#pair=${secret}`,
    rate: { phone: 1e9, stranger: 1e9 },
    ...options,
  });
  const origin = await server.listen({ port: 0, host: '127.0.0.1' });
  return {
    origin,
    folder: inbox.folder,
    inbox,
    server,
    async pairPhone(name) {
      const { secret } = inbox.phones.secret();
      return (await pair(fetch as Fetch, origin, secret, name)).token;
    },
    end: () => server.close(),
  };
}

export const lineTo = ({ origin }: Receiving, token: string): HandoffLine =>
  httpLine(fetch as Fetch, origin, token);

/** A file of random bytes, and how it is offered. */
export function anyFile(
  path: string,
  size: number,
): { file: OfferedFile; content: Blob; sha256: string } {
  const bytes = randomBytes(size) as Buffer<ArrayBuffer>;
  const sha256 = sha256Of(bytes);
  return { file: { sha256, bytes: size, path }, content: new Blob([bytes]), sha256 };
}

export const sha256Of = (bytes: Uint8Array): string =>
  createHash('sha256').update(bytes).digest('hex');

/** All files under a folder that are anyone's business: SHA-256 by path. */
export function filesUnder(folder: string): Record<string, string> {
  const entries = readdirSync(folder, { recursive: true, withFileTypes: true });
  const files = entries.filter((entry) => entry.isFile());
  const paths = files.map(({ parentPath, name }) => join(parentPath, name));
  return Object.fromEntries(
    paths
      .map((path): [string, string] => [
        path.slice(folder.length + 1),
        sha256Of(readFileSync(path)),
      ])
      .filter(([path]) => !path.startsWith('.velmo')),
  );
}

/** What the server notes of phones and arrivals. */
export const notesUnder = (folder: string): string[] =>
  ['phones.json', 'arrived.jsonl'].map((name) =>
    readFileSync(join(folder, '.velmo', name), 'utf8'),
  );

/**
 * Fetch whose connection breaks after some bytes of a body.
 *
 * @param bytesToBreak `Infinity`: not this time
 * @param isHard without a word, as from a phone that is out of reach; else all that was sent
 *   arrives
 */
export const breakingFetch =
  (bytesToBreak: () => number, isHard: () => boolean): Fetch =>
  async (url, { method, headers, body }) => {
    const whole =
      typeof body === 'string'
        ? Buffer.from(body)
        : Buffer.from(await (body as unknown as Blob).arrayBuffer());
    const breakAt = method === 'PATCH' ? bytesToBreak() : Infinity;
    return new Promise((resolve, reject) => {
      const asked = request(
        url,
        { method, headers: { ...headers, 'content-length': String(whole.length) } },
        (answer) => {
          const said: Buffer[] = [];
          answer.on('data', (data: Buffer) => said.push(data));
          answer.on('error', reject);
          answer.on('end', () => {
            const status = answer.statusCode ?? 0;
            resolve({
              ok: status >= 200 && status < 300,
              status,
              headers: { get: (name) => (answer.headers[name] as string | undefined) ?? null },
              json: async () => JSON.parse(Buffer.concat(said).toString()) as unknown,
            });
          });
        },
      );
      asked.on('error', reject);
      if (breakAt > whole.length) return void asked.end(whole);
      asked.write(whole.subarray(0, breakAt), () => {
        if (isHard()) asked.destroy(new Error('cut'));
        else asked.socket?.end(() => asked.destroy(new Error('cut')));
      });
    });
  };
