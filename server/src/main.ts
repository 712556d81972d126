import { fileURLToPath } from 'node:url';
import { createServer } from './createServer';

const root = fileURLToPath(new URL('../../app/dist', import.meta.url));
const port = Number(process.env.PORT ?? 4173);
const server = await createServer(root);
try {
  console.log(`Velmo is at ${await server.listen({ port, host: '127.0.0.1' })}`);
} catch (error) {
  const busy = (error as NodeJS.ErrnoException).code === 'EADDRINUSE';
  console.error(
    busy ? `Port ${port} is in use. Choose another: PORT=4174 npm run demo` : String(error),
  );
  process.exit(1);
}
