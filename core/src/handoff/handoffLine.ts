import { HandoffError } from './handoffError';
import {
  HANDOFF_PATH,
  UPLOAD_OFFSET,
  type Arrival,
  type OfferedFile,
  type Pairing,
} from './protocol';

/** What becomes of bytes that were sent: all there, or the place to go on from. */
export type Sent = { readonly arrived: true } | { readonly arrived: false; readonly at: number };

/** A Blob, or what can be cut like one. */
export interface Content {
  slice(from: number): Content;
}

/**
 * What a computer answers. Rejects with a HandoffError; with any other error when the connection
 * breaks.
 */
export interface HandoffLine {
  offer(files: readonly OfferedFile[]): Promise<readonly Arrival[]>;
  /** @param from the place in the file that the body begins at */
  send(file: OfferedFile, from: number, body: Content): Promise<Sent>;
}

/** An answer of Fetch (WHATWG), as far as a line needs it. */
interface Answer {
  readonly ok: boolean;
  readonly status: number;
  readonly headers: { get(name: string): string | null };
  json(): Promise<unknown>;
}

/** The part of Fetch that a line needs. */
export type Fetch = (
  url: string,
  options: {
    readonly method: string;
    readonly headers: Record<string, string>;
    readonly body: Content | string;
  },
) => Promise<Answer>;

/** Asked to slow down, or the bytes came out wrong: a broken connection, to be tried again. */
class TryAgain extends Error {}

/** An answer that is no success as an error. @throws HandoffError */
function refusal({ status }: Answer): Error {
  if (status === 401 || status === 404 || status === 421) return new HandoffError('unpaired');
  if (status === 507) return new HandoffError('full');
  if (status === 400 || status === 413 || status === 415) return new HandoffError('refused');
  return new TryAgain(`answered ${status}`);
}

/**
 * Pairs this phone with the computer that served the page.
 *
 * @param secret from the code that the computer showed
 * @param name what the phone is to be called there
 * @throws HandoffError where the secret is not good (any more)
 */
export async function pair(
  fetch: Fetch,
  origin: string,
  secret: string,
  name: string,
): Promise<Pairing> {
  const answer = await fetch(`${origin}${HANDOFF_PATH}/phones`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ secret, name }),
  });
  if (!answer.ok) throw refusal(answer);
  return (await answer.json()) as Pairing;
}

/**
 * A line to the computer by HTTP.
 *
 * @param origin "https://192.168.7.23:4173"
 * @param token of the pairing
 */
export function httpLine(fetch: Fetch, origin: string, token: string): HandoffLine {
  const authorization = `Bearer ${token}`;
  return {
    async offer(files) {
      const answer = await fetch(`${origin}${HANDOFF_PATH}/offers`, {
        method: 'POST',
        headers: { authorization, 'content-type': 'application/json' },
        body: JSON.stringify({ files }),
      });
      if (!answer.ok) throw refusal(answer);
      return ((await answer.json()) as { arrivals: Arrival[] }).arrivals;
    },
    async send({ sha256, bytes, path }, from, body) {
      const query = `bytes=${bytes}&path=${encodeURIComponent(path)}`;
      const answer = await fetch(`${origin}${HANDOFF_PATH}/files/${sha256}?${query}`, {
        method: 'PATCH',
        headers: {
          authorization,
          'content-type': 'application/octet-stream',
          [UPLOAD_OFFSET]: String(from),
        },
        body,
      });
      if (answer.status === 201) return { arrived: true };
      const at = answer.headers.get(UPLOAD_OFFSET);
      if (answer.status === 409 && at !== null) return { arrived: false, at: Number(at) };
      throw refusal(answer);
    },
  };
}
