import { createHash, timingSafeEqual } from 'node:crypto';
import type { FastifyRequest } from 'fastify';

/** The bearer token of a request (RFC 6750); '' where there is none. */
export const tokenOf = ({ headers }: FastifyRequest): string =>
  /^Bearer ([\w-]{8,64})$/.exec(headers.authorization ?? '')?.[1] ?? '';

/**
 * A request that another site's page made says so: by its origin (RFC 6454), or in its fetch
 * metadata. Who sends neither is no browser, and needs a token all the same.
 */
export function isForeign({ headers, host, protocol }: FastifyRequest): boolean {
  const { origin } = headers;
  const site = headers['sec-fetch-site'];
  return (
    (origin !== undefined && origin !== `${protocol}://${host}`) ||
    (site !== undefined && site !== 'same-origin')
  );
}

/** From this computer itself. */
export const isFromHere = ({ ip }: FastifyRequest): boolean =>
  /^(127\.|::1$|::ffff:127\.)/.test(ip);

const digest = (text: string): Buffer => createHash('sha256').update(text).digest();

/** Compared in the same time, whatever they differ in. */
export const isSameText = (a: string, b: string): boolean => timingSafeEqual(digest(a), digest(b));
