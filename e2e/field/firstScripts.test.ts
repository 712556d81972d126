import { get, type IncomingMessage } from 'node:http';
import { servedApp } from '../support/suite';

const app = servedApp();

/** All that the page may send before its first picture, as it travels. */
const MAX_BYTES = 300_000;

/** What is answered to a browser that takes brotli: its bytes as they come. */
const sent = (address: string): Promise<{ encoding: string | undefined; bytes: number }> =>
  new Promise((resolve, reject) => {
    const count = (reply: IncomingMessage): void => {
      let bytes = 0;
      reply.on('data', (data: Buffer) => (bytes += data.length));
      reply.on('end', () => resolve({ encoding: reply.headers['content-encoding'], bytes }));
    };
    get(address, { headers: { 'accept-encoding': 'br' } }, count).on('error', reject);
  });

test('all first scripts together come in under 300 kB, compressed', async () => {
  const html = await (await fetch(app.url)).text();
  const scripts = [...html.matchAll(/<script[^>]*\ssrc="([^"]+)"/g)].map(([, src]) => src);
  expect(scripts.length).toBeGreaterThan(1);
  const replies = await Promise.all(scripts.map((src) => sent(new URL(src, app.url).href)));
  expect(replies.map(({ encoding }) => encoding)).toEqual(scripts.map(() => 'br'));
  expect(replies.reduce((sum, { bytes }) => sum + bytes, 0)).toBeLessThan(MAX_BYTES);
});
