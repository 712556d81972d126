import rateLimit from '@fastify/rate-limit';
import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify';
import { hostname } from 'node:os';
import { basename } from 'node:path';
import type { Readable } from 'node:stream';
import {
  MAX_HANDED_BYTES,
  MAX_HANDED_PATH,
  MAX_OFFERED,
  MAX_PHONE_NAME,
  UPLOAD_OFFSET,
  type OfferedFile,
  type PairedPhone,
  type Pairing,
  type PairingCode,
  type ReceivedSummary,
} from '@velmo/core/handoff';
import { isForeign, isFromHere, isSameText, tokenOf } from './guards';
import type { Inbox } from './inbox';

/** Requests a minute: of a phone, and of anyone who is none, by address. */
const RATE = { phone: 12_000, stranger: 60 };
/** Files that one phone sends at the same time. */
const MAX_AT_ONCE = 8;
/** Arrivals that the computer's own page lists. */
const LISTED = 200;

declare module 'fastify' {
  interface FastifyRequest {
    /** Who asks, where that is known. */
    phone: PairedPhone | null;
  }
}

/** What the routes of a hand-off are made with. */
export interface HandoffOptions {
  readonly inbox: Inbox;
  /** Opens the computer's own page. */
  readonly ownerKey: string;
  /** The address that a phone's code leads to, with its secret. */
  readonly codeUrl: (secret: string) => string;
  readonly rate?: typeof RATE;
}

const SHA256 = { type: 'string', pattern: '^[0-9a-f]{64}$' };
const BYTES = { type: 'integer', minimum: 0, maximum: MAX_HANDED_BYTES };
const PATH = { type: 'string', minLength: 1, maxLength: MAX_HANDED_PATH };

const object = (properties: Record<string, object>) => ({
  type: 'object',
  properties,
  required: Object.keys(properties),
  additionalProperties: false,
});

const PAIR = {
  body: object({
    secret: { type: 'string', maxLength: 64 },
    name: { type: 'string', minLength: 1, maxLength: 4 * MAX_PHONE_NAME },
  }),
};
const OFFERS = {
  body: object({
    files: {
      type: 'array',
      maxItems: MAX_OFFERED,
      items: object({ sha256: SHA256, bytes: BYTES, path: PATH }),
    },
  }),
};
const SEND = {
  params: object({ sha256: SHA256 }),
  querystring: object({ bytes: BYTES, path: PATH }),
  headers: {
    type: 'object',
    properties: { [UPLOAD_OFFSET]: BYTES },
    required: [UPLOAD_OFFSET],
  },
};

/** What anyone gets who has no business here: no word of what there is. */
const nothing = (reply: FastifyReply): FastifyReply => reply.code(404).send({ error: 'not found' });

/**
 * Receives what paired phones hand over, and tells the computer's own page of it. Registered under
 * a prefix; everything else under it answers as an address that is not there.
 */
export async function handoffRoutes(
  server: FastifyInstance,
  { inbox, ownerKey, codeUrl, rate = RATE }: HandoffOptions,
): Promise<void> {
  const sending = new Map<string, number>();
  server.decorateRequest('phone', null);
  server.addHook('onRequest', async (request, reply) => {
    if (isForeign(request)) return nothing(reply);
    request.phone = inbox.phones.of(tokenOf(request));
  });
  await server.register(rateLimit, {
    max: ({ phone }: FastifyRequest) => (phone ? rate.phone : rate.stranger),
    keyGenerator: ({ phone, ip }: FastifyRequest) => phone?.id ?? ip,
    timeWindow: 60_000,
    // The computer's own page asks every few seconds.
    allowList: (request: FastifyRequest) => isOwner(request),
  });
  server.addContentTypeParser('application/octet-stream', (_request, payload, done) =>
    done(null, payload),
  );
  const isOwner = (request: FastifyRequest): boolean =>
    isFromHere(request) && isSameText(tokenOf(request), ownerKey);
  const onlyPhones = async (request: FastifyRequest, reply: FastifyReply): Promise<unknown> =>
    request.phone ? undefined : nothing(reply);
  const onlyOwner = async (request: FastifyRequest, reply: FastifyReply): Promise<unknown> =>
    isOwner(request) ? undefined : nothing(reply);
  server.setNotFoundHandler((_request, reply) => nothing(reply));
  server.setErrorHandler((error: { statusCode?: number }, request, reply) => {
    const code = error.statusCode ?? 500;
    // What went wrong is for whoever sits at the computer.
    if (code >= 500) console.error(error);
    if (code === 429) return reply.code(429).send({ error: 'too many requests' });
    if (!request.phone && !isOwner(request)) return nothing(reply);
    return reply.code(code).send({ error: code < 500 ? 'not like this' : 'it could not be done' });
  });

  server.post('/phones', { schema: PAIR, bodyLimit: 4096 }, async (request, reply) => {
    const { secret, name } = request.body as { secret: string; name: string };
    const paired = await inbox.phones.pair(secret, name);
    if (!paired) return nothing(reply);
    const { token } = paired;
    const pairing: Pairing = { token, computer: hostname(), folder: basename(inbox.folder) };
    return reply.code(201).send(pairing);
  });

  server.delete('/phone', { onRequest: onlyPhones }, async ({ phone }, reply) => {
    await inbox.phones.remove(phone!.id);
    return reply.code(204).send();
  });

  server.post('/offers', { schema: OFFERS, onRequest: onlyPhones }, async ({ phone, body }) => {
    const { files } = body as { files: OfferedFile[] };
    return { arrivals: await inbox.arrivalsOf(phone!, files) };
  });

  server.patch(
    '/files/:sha256',
    { schema: SEND, onRequest: onlyPhones },
    async ({ phone, params, query, headers, body }, reply) => {
      const at = sending.get(phone!.id) ?? 0;
      if (at >= MAX_AT_ONCE) return reply.code(429).send({ error: 'too many files at once' });
      sending.set(phone!.id, at + 1);
      try {
        const file = { ...(params as object), ...(query as object) } as OfferedFile;
        const from = Number(headers[UPLOAD_OFFSET]);
        const received = await inbox.receive(phone!, file, from, body as Readable);
        if (received.kind === 'full') return await reply.code(507).send({ error: 'no room' });
        if (received.kind === 'arrived') return await reply.code(201).send({ arrived: true });
        return await reply.code(409).header(UPLOAD_OFFSET, received.at).send({ arrived: false });
      } finally {
        sending.set(phone!.id, sending.get(phone!.id)! - 1);
      }
    },
  );

  server.get('/received', { onRequest: onlyOwner }, async (): Promise<ReceivedSummary> => ({
    folder: inbox.folder,
    phones: inbox.phones.list(),
    files: inbox.arrivals.count,
    bytes: inbox.arrivals.bytes,
    latest: inbox.arrivals.latest(LISTED),
  }));

  server.post('/codes', { onRequest: onlyOwner }, async (): Promise<PairingCode> => {
    const { secret, expiresAt } = inbox.phones.secret();
    return { url: codeUrl(secret), expiresAt };
  });

  server.delete('/phones/:id', { onRequest: onlyOwner }, async (request, reply) => {
    await inbox.phones.remove((request.params as { id: string }).id);
    return reply.code(204).send();
  });
}
