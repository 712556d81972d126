import { randomBytes } from 'node:crypto';
import { homedir, hostname } from 'node:os';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { createServer } from './createServer';
import { Inbox, noteOf } from './handoff/inbox';
import { keptCertificate } from './keptCertificate';
import { lanAddresses, lanWords, phoneUrl } from './lan';

const root = fileURLToPath(new URL('../../app/dist', import.meta.url));
const wanted = Number(process.env.PORT ?? 4173);

/** On this computer alone, by http: browsers trust localhost. */
async function serveHere(): Promise<void> {
  const server = await createServer(root);
  console.log(`Velmo is at ${await server.listen({ port: wanted, host: '127.0.0.1' })}`);
}

/**
 * On the local network, by https: no browser gives its camera to anything else. Phones that are
 * paired hand files over.
 *
 * @param folder where they go
 */
async function serveLan(folder: string): Promise<void> {
  const addresses = lanAddresses();
  const inbox = await Inbox.open(folder);
  const certificate = await keptCertificate(noteOf(folder, 'certificate.json'), addresses);
  const hosts = ['localhost', '127.0.0.1', hostname(), ...addresses];
  const ownerKey = randomBytes(16).toString('base64url');
  let port = wanted;
  const server = await createServer(
    root,
    { ...certificate, hosts },
    {
      inbox,
      ownerKey,
      codeUrl: (secret) => phoneUrl(addresses[0] ?? 'localhost', port, secret),
    },
  );
  await server.listen({ port: wanted, host: '0.0.0.0' });
  const at = server.server.address();
  if (typeof at === 'object' && at) port = at.port;
  const { secret } = inbox.phones.secret();
  const receiving = { secret, folder, ownerKey };
  console.log(await lanWords(addresses, port, certificate.fingerprint, receiving));
}

try {
  const { values } = parseArgs({
    options: { lan: { type: 'boolean' }, into: { type: 'string' } },
  });
  await (values.lan ? serveLan(resolve(values.into ?? join(homedir(), 'Velmo'))) : serveHere());
} catch (error) {
  const busy = (error as NodeJS.ErrnoException).code === 'EADDRINUSE';
  const lan = process.argv.includes('--lan') ? ' -- --lan' : '';
  console.error(
    busy
      ? `Port ${wanted} is in use. Choose another: PORT=4174 npm run demo${lan}`
      : String(error instanceof Error ? error.message : error),
  );
  process.exit(1);
}
