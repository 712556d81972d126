import { spawn } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';

const ROOT = join(__dirname, '../..');

/** A server that receives into a folder, by https. */
export interface LanServer {
  readonly port: number;
  /** "https://localhost:4173" */
  readonly url: string;
  /** Opens the computer's own page. */
  readonly ownPage: string;
  stop(): Promise<void>;
}

/** As `npm run demo -- --lan --into FOLDER` starts it. */
export async function serveLan(folder: string, port = 0): Promise<LanServer> {
  const server = spawn(
    process.execPath,
    ['--import', 'tsx', join(ROOT, 'server/src/main.ts'), '--lan', '--into', folder],
    {
      cwd: ROOT,
      env: { ...process.env, PORT: String(port) },
      stdio: ['ignore', 'pipe', 'inherit'],
    },
  );
  const gone = new Promise<void>((resolve) => server.on('exit', () => resolve()));
  const ownPage = await new Promise<string>((resolve, reject) => {
    let said = '';
    server.stdout.on('data', (data: Buffer) => {
      said += data.toString();
      const found = /https:\/\/localhost:\d+\/received#key=[\w-]+/.exec(said);
      if (found) resolve(found[0]);
    });
    void gone.then(() => reject(new Error(`the server did not start: ${said}`)));
  });
  const { origin } = new URL(ownPage);
  return {
    port: Number(new URL(ownPage).port),
    url: origin,
    ownPage,
    async stop() {
      server.kill('SIGKILL');
      await gone;
    },
  };
}

/** What phones have handed over into a folder, by path. */
export const cameInto = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && !entry.parentPath.includes('.velmo'))
    .map(({ parentPath, name }) => join(parentPath, name).slice(folder.length + 1))
    .sort();
