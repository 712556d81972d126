import fastifyStatic from '@fastify/static';
import Fastify, { type FastifyInstance } from 'fastify';

/** Headers that make the page cross-origin isolated and keep everything on this device. */
const HEADERS = {
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Embedder-Policy': 'require-corp',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Content-Security-Policy':
    "default-src 'self'; script-src 'self' 'unsafe-inline' 'unsafe-eval'; style-src 'self' 'unsafe-inline'; " +
    "img-src 'self' data: blob:; media-src 'self' blob: mediastream:; worker-src 'self' blob:; connect-src 'self' blob: data:",
  'Permissions-Policy': 'camera=(self), microphone=(), geolocation=()',
  'Referrer-Policy': 'no-referrer',
  'X-Content-Type-Options': 'nosniff',
};

/**
 * Serves the built app.
 *
 * @param root absolute path of the build; every unknown address answers with its index page
 * @param https key and certificate, to be served by https
 */
export async function createServer(
  root: string,
  https?: { readonly key: string; readonly cert: string },
): Promise<FastifyInstance> {
  const server: FastifyInstance = https
    ? (Fastify({ logger: false, https: { ...https } }) as unknown as FastifyInstance)
    : Fastify({ logger: false });
  server.addHook('onSend', async (_request, reply) => {
    reply.headers(HEADERS);
  });
  await server.register(fastifyStatic, {
    root,
    cacheControl: false,
    // File names of bundles and assets carry their hash; everything else must always be fresh.
    setHeaders: (response, path) =>
      response.setHeader(
        'Cache-Control',
        /[\\/](_expo|assets)[\\/]/.test(path.slice(root.length))
          ? 'public, max-age=31536000, immutable'
          : 'no-cache',
      ),
  });
  server.setNotFoundHandler((request, reply) => {
    // Addresses inside the app are routes of the page; a missing file is missing.
    if (request.method !== 'GET' || /\.\w+$/.test(request.url.split('?')[0]))
      return reply.code(404).send({ error: 'not found' });
    return reply.sendFile('index.html');
  });
  return server;
}
