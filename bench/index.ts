import { bundleBench, captureBench, placesBench } from './page/page';
import { averageBench } from './average';
import { cameraBench } from './page/camera';
import { combineBench } from './combine';
import { combinePageBench } from './page/combinePage';
import { deliverBench } from './page/deliver';
import { focusStackBench } from './focusStack';
import { enginesBench } from './page/engines';
import { fieldBench } from './page/field';
import { lightBench } from './light';
import { losslessJpegBench } from './losslessJpeg';
import type { Result } from './measure';
import { monitorPassBench } from './monitorPass';
import { nextFrameBench } from './page/nextFrame';
import { peakingBench } from './peaking';
import { rollsBench } from './page/rolls';
import { seriesBench } from './page/series';
import { startBench } from './page/start';
import { storeBench } from './page/store';

/**
 * Benchmarks by name; a name given on the command line runs the group whose name it starts with.
 */
const GROUPS: Readonly<Record<string, () => Result[] | Promise<Result[]>>> = {
  monitors: monitorPassBench,
  peaking: peakingBench,
  'ljpeg-decode': losslessJpegBench,
  light: lightBench,
  'entry-bundle': bundleBench,
  'capture-12mp': captureBench,
  'places-12mp': placesBench,
  start: startBench,
  field: fieldBench,
  camera: cameraBench,
  average: averageBench,
  combine: async () => [...combineBench(), ...focusStackBench(), ...(await combinePageBench())],
  deliver: deliverBench,
  engines: enginesBench,
  store: storeBench,
  rolls: rollsBench,
  'next-frame': nextFrameBench,
  series: seriesBench,
};

async function main(args: string[]): Promise<void> {
  const json = args.includes('--json');
  const wanted = args.filter((a) => a !== '--json');
  const unknown = wanted.filter((name) => !(name in GROUPS));
  if (unknown.length > 0) {
    console.error(
      `There is no benchmark ${unknown.join(', ')}: use ${Object.keys(GROUPS).join(', ')}`,
    );
    process.exit(2);
  }
  for (const [name, run] of Object.entries(GROUPS)) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    for (const result of await run())
      console.log(
        json
          ? JSON.stringify(result)
          : `${result.name.padEnd(34)} ${result.ours} ${result.unit}` +
              (result.ratio === null ? '' : `, peer ${result.peer}, ratio ${result.ratio}`) +
              `  (${result.note})`,
      );
  }
}

void main(process.argv.slice(2));
