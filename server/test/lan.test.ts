import { X509Certificate } from 'node:crypto';
import { mkdtempSync, statSync, writeFileSync } from 'node:fs';
import { request } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect, type TLSSocket } from 'node:tls';
import jsQR from 'jsqr';
import { createServer } from '../src/createServer';
import { keptCertificate } from '../src/keptCertificate';
import { lanAddresses, lanWords, ownCertificate } from '../src/lan';

const ADDRESS = '192.168.7.23';
const RECEIVING = {
  secret: 'secret-of-22-characters',
  folder: '/home/salt/Velmo',
  ownerKey: 'key-of-the-computer',
};

/**
 * The QR code of a terminal's text as pixels: upper and lower halves of characters, four pixels a
 * module.
 */
function qrPixels(text: string) {
  const lines = text.replace(/\x1b\[\d+m/g, '').split('\n');
  const rows = lines.filter((line) => /^[ ▀▄█]+$/.test(line) && line.length > 20);
  const modules = rows.flatMap((row) => [
    [...row].map((c) => c === '▀' || c === '█'),
    [...row].map((c) => c === '▄' || c === '█'),
  ]);
  const [scale, quiet] = [4, 4];
  const side = (Math.max(modules.length, modules[0].length) + 2 * quiet) * scale;
  const data = new Uint8ClampedArray(4 * side * side).fill(255);
  modules.forEach((row, y) =>
    row.forEach((dark, x) => {
      if (!dark) return;
      for (let v = 0; v < scale; v++)
        for (let u = 0; u < scale; u++) {
          const p = ((y + quiet) * scale + v) * side + (x + quiet) * scale + u;
          data.set([0, 0, 0], 4 * p);
        }
    }),
  );
  return { data, side };
}

describe('serving on the local network', () => {
  test('the certificate is for the addresses it is served at, by name and number, and now', async () => {
    const { cert, fingerprint } = await ownCertificate([ADDRESS]);
    const read = new X509Certificate(cert);
    expect(read.checkIP(ADDRESS)).toBe(ADDRESS);
    expect(read.checkIP('127.0.0.1')).toBe('127.0.0.1');
    expect(read.checkIP('192.168.7.24')).toBeUndefined();
    expect(read.checkHost('localhost')).toBe('localhost');
    expect(new Date(read.validFrom).getTime()).toBeLessThan(Date.now());
    expect(new Date(read.validTo).getTime()).toBeGreaterThan(Date.now() + 86_400_000);
    expect(fingerprint).toMatch(/^([0-9A-F]{2}:){31}[0-9A-F]{2}$/);
  });

  test('the certificate is kept while it is good, so that phones are not asked again', async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'velmo-certificate-')), 'certificate.json');
    const first = await keptCertificate(file, [ADDRESS]);
    expect(await keptCertificate(file, [ADDRESS])).toEqual(first);
    expect(statSync(file).mode & 0o077).toBe(0);
    const elsewhere = await keptCertificate(file, ['10.0.0.5']);
    expect(elsewhere.fingerprint).not.toBe(first.fingerprint);
    const later = Date.now() + 40 * 86_400_000;
    expect((await keptCertificate(file, ['10.0.0.5'], later)).fingerprint).not.toBe(
      elsewhere.fingerprint,
    );
    writeFileSync(file, '{"key": "half');
    expect((await keptCertificate(file, [ADDRESS])).fingerprint).toMatch(/^[0-9A-F]{2}:/);
  }, 60_000);

  test('a client that trusts it is served the page by https, headers and all', async () => {
    const root = mkdtempSync(join(tmpdir(), 'velmo-dist-'));
    writeFileSync(join(root, 'index.html'), '<title>Velmo</title>');
    const own = await ownCertificate([]);
    const server = await createServer(root, { ...own, hosts: ['127.0.0.1'] });
    await server.listen({ port: 0, host: '127.0.0.1' });
    const { port } = server.server.address() as { port: number };
    const reply = await new Promise<{ body: string; isolated: unknown; authorized: boolean }>(
      (resolve, reject) =>
        request({ host: '127.0.0.1', port, path: '/', ca: own.cert }, (answer) => {
          let body = '';
          const { authorized } = answer.socket as TLSSocket;
          answer.on('data', (data: Buffer) => (body += data.toString()));
          answer.on('end', () =>
            resolve({
              body,
              isolated: answer.headers['cross-origin-opener-policy'],
              authorized,
            }),
          );
        })
          .on('error', reject)
          .end(),
    );
    expect(reply).toEqual({
      body: '<title>Velmo</title>',
      isolated: 'same-origin',
      authorized: true,
    });
    const refused = await server.inject({ url: '/', headers: { host: 'evil.example:4173' } });
    expect(refused.statusCode).toBe(421);
    expect(refused.body).not.toContain('<title>');
    await server.close();
  });

  test('speaks TLS with modern ciphers only', async () => {
    const own = await ownCertificate([]);
    const root = mkdtempSync(join(tmpdir(), 'velmo-dist-'));
    writeFileSync(join(root, 'index.html'), '<title>Velmo</title>');
    const server = await createServer(root, { ...own, hosts: ['127.0.0.1'] });
    await server.listen({ port: 0, host: '127.0.0.1' });
    const { port } = server.server.address() as { port: number };
    const cipherWith = (options: object): Promise<string> =>
      new Promise((resolve) => {
        const socket = connect({ host: '127.0.0.1', port, ca: own.cert, ...options }, () => {
          resolve(socket.getCipher().name);
          socket.destroy();
        });
        socket.on('error', () => resolve('refused'));
      });
    expect(await cipherWith({ maxVersion: 'TLSv1.2' })).toMatch(/^ECDHE-RSA-.*(GCM|POLY1305)/);
    expect(await cipherWith({ maxVersion: 'TLSv1.2', ciphers: 'AES128-SHA' })).toBe('refused');
    expect(await cipherWith({ minVersion: 'TLSv1.3' })).toMatch(/^TLS_/);
    await server.close();
  });

  test('the QR code that is printed leads a phone to the address that is printed (read by jsQR)', async () => {
    const words = await lanWords([ADDRESS, '10.0.0.5'], 4173, 'AB:CD', RECEIVING);
    const { data, side } = qrPixels(words);
    const url = jsQR(data, side, side)?.data;
    expect(url).toBe(`https://${ADDRESS}:4173/?device=browser#pair=secret-of-22-characters`);
    expect(words).toContain(`Velmo is at https://${ADDRESS}:4173/?device=browser\n`);
    // Only the code pairs: what is read aloud or copied from a screen does not.
    expect(words).not.toContain(RECEIVING.secret);
    expect(words).toContain('/home/salt/Velmo');
    expect(words).toContain('https://localhost:4173/received#key=key-of-the-computer');
    expect(words).toContain('https://10.0.0.5:4173');
    expect(words).toContain('AB:CD');
  });

  test('addresses nobody else can reach are left out; without any, that is said', async () => {
    const at = (address: string, internal: boolean, family: 'IPv4' | 'IPv6' = 'IPv4') =>
      ({ address, internal, family }) as never;
    expect(
      lanAddresses({
        lo: [at('127.0.0.1', true)],
        wifi: [at(ADDRESS, false), at('fe80::1', false, 'IPv6')],
        none: [at('169.254.3.4', false)],
      }),
    ).toEqual([ADDRESS]);
    const alone = await lanWords([], 4173, '', RECEIVING);
    expect(alone).toMatch(/no network .* https:\/\/localhost:4173/);
    expect(alone).toContain('/received#key=key-of-the-computer');
  });
});
