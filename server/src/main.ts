import { hostname } from 'node:os';
import { fileURLToPath } from 'node:url';
import { createServer } from './createServer';
import { lanAddresses, lanWords, ownCertificate } from './lan';

const root = fileURLToPath(new URL('../../app/dist', import.meta.url));
const port = Number(process.env.PORT ?? 4173);
const lan = process.argv.includes('--lan');

/** On this computer alone, by http: browsers trust localhost. */
async function serveHere(): Promise<void> {
  const server = await createServer(root);
  console.log(`Velmo is at ${await server.listen({ port, host: '127.0.0.1' })}`);
}

/** On the local network, by https: no browser gives its camera to anything else. */
async function serveLan(): Promise<void> {
  const addresses = lanAddresses();
  const certificate = await ownCertificate(addresses);
  const hosts = ['localhost', '127.0.0.1', hostname(), ...addresses];
  const server = await createServer(root, { ...certificate, hosts });
  await server.listen({ port, host: '0.0.0.0' });
  const at = server.server.address();
  const taken = typeof at === 'object' && at ? at.port : port;
  console.log(await lanWords(addresses, taken, certificate.fingerprint));
}

try {
  await (lan ? serveLan() : serveHere());
} catch (error) {
  const busy = (error as NodeJS.ErrnoException).code === 'EADDRINUSE';
  console.error(
    busy
      ? `Port ${port} is in use. Choose another: PORT=4174 npm run demo${lan ? ' -- --lan' : ''}`
      : String(error),
  );
  process.exit(1);
}
