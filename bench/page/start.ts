import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { compared, median, type Result } from '../measure';
import { coldAndWarm, probedBuild } from './probedBuild';

const APP = join(__dirname, '../../app/dist');
const BARE = join(__dirname, '../bare');
/** A script without types. */
const BUILD: string = '../../tools/build.mjs';
const ROUNDS = 9;

/** Builds the bare page as the app is built. */
async function buildBare(): Promise<string> {
  execFileSync('npx', ['expo', 'export', '-p', 'web'], {
    cwd: BARE,
    env: { ...process.env, EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1', CI: '1' },
    stdio: 'ignore',
  });
  const { compressAll } = (await import(BUILD)) as {
    compressAll(dir: string): Promise<void>;
  };
  await compressAll(join(BARE, 'dist'));
  return join(BARE, 'dist');
}

/**
 * Time to the first live picture of the page as it opens, against a bare Expo Router page that
 * shows one word, built and served alike; in turns, so that both see the same machine.
 */
export async function startBench(): Promise<Result[]> {
  const app = await probedBuild(APP, null);
  const bare = await probedBuild(await buildBare(), 'Salt');
  try {
    const times = { ours: [] as [number, number][], bare: [] as [number, number][] };
    for (let round = 0; round < ROUNDS; round++) {
      times.ours.push(await coldAndWarm(app));
      times.bare.push(await coldAndWarm(bare));
    }
    const note = 'navigation to first live picture; peer: a bare Expo Router page shows its word';
    return (['cold', 'warm'] as const).map((kind, i) =>
      compared(
        `start-${kind}`,
        median(times.ours.map((t) => t[i])),
        median(times.bare.map((t) => t[i])),
        'ms',
        note,
      ),
    );
  } finally {
    await Promise.all([app.stop(), bare.stop()]);
  }
}
