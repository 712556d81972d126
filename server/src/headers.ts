import { createHash } from 'node:crypto';

/** React Native's web target fills style sheets by script that begin as this. */
const EMPTY_STYLE = '';

const hashOf = (text: string): string =>
  `'sha256-${createHash('sha256').update(text).digest('base64')}'`;

/** The style sheets that are written into a page. */
const stylesIn = (html: string): string[] =>
  [...html.matchAll(/<style[^>]*>([^]*?)<\/style>/g)].map(([, text]) => text);

/**
 * What a page may load and do (Content Security Policy Level 3): scripts from its own origin and
 * WebAssembly, no text made code; style sheets from its own origin, and those written into it.
 */
const policyOf = (html: string): string =>
  Object.entries({
    'default-src': ["'self'"],
    'script-src': ["'self'", "'wasm-unsafe-eval'"],
    'style-src': ["'self'", ...[EMPTY_STYLE, ...stylesIn(html)].map(hashOf)],
    'img-src': ["'self'", 'data:', 'blob:'],
    'media-src': ["'self'", 'blob:', 'mediastream:'],
    'worker-src': ["'self'"],
    'connect-src': ["'self'", 'blob:', 'data:'],
    'object-src': ["'none'"],
    'base-uri': ["'none'"],
    'form-action': ["'none'"],
    'frame-ancestors': ["'none'"],
  })
    .map(([name, sources]) => `${name} ${sources.join(' ')}`)
    .join('; ');

/**
 * The reader of other makers' raws makes its own bindings of text. It may, in its own worker, which
 * sees the file it is given and nothing else (docs/decisions/038).
 */
const LIBRAW_POLICY = [
  "default-src 'none'",
  "script-src 'self' 'unsafe-eval'",
  "worker-src 'self'",
  "connect-src 'self'",
].join('; ');

/**
 * Headers of an answer that differ from all others'. @param type of its content
 */
export const headersOf = (path: string, type: string): Record<string, string> =>
  /^\/libraw\/[\d.]+\/(worker|libraw)\.js$/.test(path) && type.includes('javascript')
    ? { 'Content-Security-Policy': LIBRAW_POLICY }
    : {};

/**
 * Headers that make a page cross-origin isolated and keep everything on this device.
 *
 * @param html the page as it is served
 */
export const headersFor = (html: string) => ({
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Embedder-Policy': 'require-corp',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Content-Security-Policy': policyOf(html),
  'Permissions-Policy': 'camera=(self), microphone=(), geolocation=(self)',
  'Referrer-Policy': 'no-referrer',
  'X-Content-Type-Options': 'nosniff',
  // Files are there compressed and as they are.
  Vary: 'Accept-Encoding',
});
