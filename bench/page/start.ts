import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { compared, median, type Result } from '../measure';
import { openings, probedBuild, type Openings } from './probedBuild';

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
 * Time to the first live picture of the page as it opens, and until Field has read it, against a
 * bare Expo Router page that shows one word, built and served alike; in turns, so that both see the
 * same machine.
 */
export async function startBench(): Promise<Result[]> {
  const app = await probedBuild(APP, null);
  const bare = await probedBuild(await buildBare(), 'Salt');
  try {
    const times = { ours: [] as Openings[], bare: [] as Openings[] };
    for (let round = 0; round < ROUNDS; round++) {
      times.ours.push(await openings(app));
      times.bare.push(await openings(bare));
    }
    const of = (all: readonly Openings[], kind: number, what: number): number =>
      median(all.map((t) => t[kind][what]));
    return (['cold', 'warm', 'third'] as const).flatMap((kind, i) => {
      const word = of(times.bare, i, 0);
      return ['first live picture', 'the ladder has read it'].map((what, shown) =>
        compared(
          `start-${kind}${shown === 0 ? '' : '-read'}`,
          of(times.ours, i, shown),
          word,
          'ms',
          `navigation to ${what}; peer: a bare Expo Router page shows its word`,
        ),
      );
    });
  } finally {
    await Promise.all([app.stop(), bare.stop()]);
  }
}
