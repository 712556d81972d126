// `npm run dev`: the app from its sources, made anew in the page as they change. Without the
// server's headers: what they allow is only true of `npm run demo`.
import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { ensureInstalled } from './install.mjs';

ensureInstalled();
const args = ['expo', 'start', '--web', '--offline', ...process.argv.slice(2)];
const metro = spawn('npx', args, {
  cwd: fileURLToPath(new URL('../app', import.meta.url)),
  stdio: 'inherit',
  env: { ...process.env, BROWSER: 'none', EXPO_NO_TELEMETRY: '1' },
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => metro.kill(signal));
metro.on('exit', (code) => process.exit(code ?? 0));
