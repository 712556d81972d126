import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createHash } from 'node:crypto';
import { brotliCompressSync, brotliDecompressSync } from 'node:zlib';
import { createServer } from '../src/createServer';

const root = mkdtempSync(join(tmpdir(), 'velmo-dist-'));
const PAGE = '<title>Velmo</title><style>body { margin: 0 }</style>';
writeFileSync(join(root, 'index.html'), PAGE);
writeFileSync(join(root, 'index.html.br'), brotliCompressSync(PAGE));
mkdirSync(join(root, '_expo'));
writeFileSync(join(root, '_expo/a.js'), '1');
writeFileSync(join(root, '.velmo-built'), 'hash');

describe('the server', () => {
  test('serves the page at every address of the app, isolated, fresh, and not kept once left', async () => {
    const server = await createServer(root);
    for (const url of ['/', '/frame/abc', '/?scene=test-wall&time=1/125']) {
      const reply = await server.inject(url);
      expect(reply.statusCode).toBe(200);
      expect(reply.body).toContain('Velmo');
      expect(reply.headers['cross-origin-opener-policy']).toBe('same-origin');
      expect(reply.headers['cross-origin-embedder-policy']).toBe('require-corp');
      expect(reply.headers['cache-control']).toBe('no-store');
    }
    await server.close();
  });
  test('bundles may be kept; what is not there is not there, and nothing outside the folder is served', async () => {
    const server = await createServer(root);
    expect((await server.inject('/_expo/a.js')).headers['cache-control']).toContain('immutable');
    expect((await server.inject('/b.js')).statusCode).toBe(404);
    expect((await server.inject('/..%2f..%2fetc%2fpasswd')).body).not.toContain('root:');
    expect((await server.inject({ method: 'POST', url: '/' })).statusCode).toBe(404);
    await server.close();
  });
  test('what the build has compressed is sent so to who takes it, and caches are told that it differs', async () => {
    const server = await createServer(root);
    const ask = (encoding: string) =>
      server.inject({ url: '/', headers: { 'accept-encoding': encoding } });
    const small = await ask('gzip, br');
    expect(small.headers).toMatchObject({ 'content-encoding': 'br', vary: 'Accept-Encoding' });
    expect(brotliDecompressSync(small.rawPayload).toString()).toBe(PAGE);
    const plain = await ask('identity');
    expect(plain.headers['content-encoding']).toBeUndefined();
    expect(plain.body).toBe(PAGE);
    await server.close();
  });
  test('the policy allows no text to be made code, and of style sheets those that stand in the page (CSP 3)', async () => {
    const server = await createServer(root);
    const policy = String((await server.inject('/')).headers['content-security-policy']);
    expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval';");
    expect(policy).not.toMatch(/unsafe-inline|'unsafe-eval'|\*|https?:/);
    const hash = (text: string): string => createHash('sha256').update(text).digest('base64');
    expect(policy).toContain(
      `style-src 'self' 'sha256-${hash('')}' 'sha256-${hash('body { margin: 0 }')}';`,
    );
    await server.close();
  });
  test('the reader of other makers’ raws alone may make code of text, in its worker, and nothing that is a page', async () => {
    const folder = join(root, 'libraw/1.2.3');
    mkdirSync(folder, { recursive: true });
    writeFileSync(join(folder, 'worker.js'), 'self;');
    const server = await createServer(root);
    const policyOf = async (url: string, accept = '*/*'): Promise<string> =>
      String(
        (await server.inject({ url, headers: { accept } })).headers['content-security-policy'],
      );
    expect(await policyOf('/libraw/1.2.3/worker.js')).toMatch(
      /^default-src 'none'; script-src 'self' 'unsafe-eval'; worker-src 'self'; connect-src 'self'$/,
    );
    for (const url of ['/libraw/1.2.4/worker.js', '/libraw/', '/libraw/../index.html', '/'])
      expect(await policyOf(url, 'text/html')).not.toContain("'unsafe-eval'");
    await server.close();
  });
  test('HEAD and OPTIONS are answered with the headers of GET; no page can frame it; notes of the build stay here', async () => {
    const server = await createServer(root);
    const get = await server.inject('/frame/abc');
    expect(get.headers['content-security-policy']).toMatch(/frame-ancestors 'none'/);
    for (const [method, status] of [
      ['HEAD', 200],
      ['OPTIONS', 204],
    ] as const) {
      const reply = await server.inject({ method, url: '/frame/abc' });
      expect(reply.statusCode).toBe(status);
      for (const name of [
        'content-security-policy',
        'cross-origin-opener-policy',
        'referrer-policy',
      ])
        expect(reply.headers[name]).toBe(get.headers[name]);
    }
    expect((await server.inject('/.velmo-built')).body).not.toContain('hash');
    await server.close();
  });
  test('an address no router can take apart leads to the app; one with a dot in it is a page for who wants pages', async () => {
    const server = await createServer(root);
    const odd = await server.inject('/%E0%A4%A');
    expect([odd.statusCode, odd.headers.location]).toEqual([302, '/']);
    const page = await server.inject({ url: '/frame/a.b', headers: { accept: 'text/html' } });
    expect(page.body).toContain('Velmo');
    await server.close();
  });
});
