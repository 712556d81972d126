import fastifyStatic from '@fastify/static';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Fastify, { type FastifyInstance, type FastifyReply, type FastifyRequest } from 'fastify';
import { HANDOFF_PATH } from '@velmo/core/handoff';
import { handoffRoutes, type HandoffOptions } from './handoff/handoffRoutes';
import { headersFor, headersOf } from './headers';

type Headers = ReturnType<typeof headersFor>;

/** An address that cannot be taken apart leads to the app all the same. */
const optionsWith = (headers: Headers) =>
  ({
    logger: false,
    frameworkErrors: (_error: Error, _request: unknown, reply: FastifyReply) =>
      void reply.headers(headers).redirect('/'),
  }) as const;

/**
 * TLS 1.2 with ephemeral keys and authenticated encryption, and 1.3: what RFC 9325 (BCP 195)
 * recommends, and every browser that has a camera speaks.
 */
const TLS = {
  minVersion: 'TLSv1.2',
  ciphers: [
    'TLS_AES_128_GCM_SHA256',
    'TLS_AES_256_GCM_SHA384',
    'TLS_CHACHA20_POLY1305_SHA256',
    'ECDHE-RSA-AES128-GCM-SHA256',
    'ECDHE-RSA-AES256-GCM-SHA384',
    'ECDHE-RSA-CHACHA20-POLY1305',
  ].join(':'),
} as const;

/** Key and certificate of a server that is reached by https, and the names it is reached by. */
export interface Https {
  readonly key: string;
  readonly cert: string;
  /** Hosts without port; a request for another, as DNS rebinding makes them, is refused. */
  readonly hosts: readonly string[];
}

/** A connection that says nothing for so long is closed. */
const MAX_SILENCE_MS = 60_000;

const METHODS = 'GET, HEAD, OPTIONS';

/** A page is asked for, not a file that belongs to one. */
const wantsPage = ({ method, headers, url }: FastifyRequest): boolean =>
  (method === 'GET' || method === 'HEAD') &&
  (/text\/html/.test(headers.accept ?? '') || !/\.\w+$/.test(url.split('?')[0]));

const isUnder = (path: string, { url }: FastifyRequest): boolean =>
  url === path || url.startsWith(`${path}/`) || url.startsWith(`${path}?`);

/**
 * How long a browser may keep a file, by its path in the build. Names of bundles and assets carry
 * their hash, everything else must be fresh. The page is not even kept to come back to: WebKit
 * stops one that was left in the middle of a write, and its locks and transactions with it.
 */
const lifetimeOf = (path: string): string => {
  if (/[\\/](_expo|assets)[\\/]/.test(path)) return 'public, max-age=31536000, immutable';
  return /\.html(\.\w+)?$/.test(path) ? 'no-store' : 'no-cache';
};

/**
 * Serves the built app.
 *
 * @param root absolute path of the build; every unknown address answers with its index page
 * @param https left out: it is served by http
 * @param handoff left out: nothing is received
 */
export async function createServer(
  root: string,
  https?: Https,
  handoff?: HandoffOptions,
): Promise<FastifyInstance> {
  const headers = headersFor(readFileSync(join(root, 'index.html'), 'utf8'));
  const options = { ...optionsWith(headers), connectionTimeout: MAX_SILENCE_MS };
  const server: FastifyInstance = https
    ? (Fastify({
        ...options,
        https: { key: https.key, cert: https.cert, ...TLS },
      }) as unknown as FastifyInstance)
    : Fastify(options);
  if (https)
    server.addHook('onRequest', async (request, reply) => {
      if (!https.hosts.includes(request.hostname))
        await reply.code(421).send({ error: 'Velmo is not served under this name' });
    });
  server.addHook('onSend', async ({ url }, reply) => {
    const type = String(reply.getHeader('content-type') ?? '');
    reply.headers({ ...headers, ...headersOf(url, type) });
  });
  await server.register(fastifyStatic, {
    root,
    // What the build notes for itself is nobody else's.
    dotfiles: 'ignore',
    cacheControl: false,
    // As the build has compressed them.
    preCompressed: true,
    setHeaders: (response, path) =>
      response.setHeader('Cache-Control', lifetimeOf(path.slice(root.length))),
  });
  if (handoff) await server.register(handoffRoutes, { prefix: HANDOFF_PATH, ...handoff });
  server.setNotFoundHandler((request, reply) => {
    // Whether anything is received here is nobody's business.
    if (isUnder(HANDOFF_PATH, request)) return reply.code(404).send({ error: 'not found' });
    if (request.method === 'OPTIONS') return reply.code(204).header('Allow', METHODS).send();
    // Addresses inside the app are routes of the page; a missing file is missing.
    if (!wantsPage(request)) return reply.code(404).send({ error: 'not found' });
    return reply.sendFile('index.html');
  });
  return server;
}
