import { wayBetween, type ImportGraph } from './imports';
import { arrow, box, drawing, text } from './svg';

interface Station {
  readonly what: string;
  readonly file: string;
  /** What hands it on: the file of the station before, unless told. */
  readonly by?: string;
}

const LIVE = 'app/src/camera/simulated/live/simulatedLive.ts';
const WORKER = 'app/src/camera/simulated/capture/simulatedCapture.worker.ts';

/** The live picture: thirty times a second. */
export const LIVE_WAY: readonly Station[] = [
  { what: 'Field, on the page', file: 'app/src/screens/field/session/fieldSession.ts' },
  { what: 'asks the simulated camera', file: 'app/src/camera/simulated/simulatedCamera.ts' },
  { what: 'whose live worker', file: 'app/src/camera/simulated/live/simulatedLive.worker.ts' },
  { what: 'makes a frame at a time', file: LIVE },
  {
    what: 'light of the place, once a framing',
    file: 'app/src/camera/simulated/light/stillLight.ts',
  },
  {
    what: 'what moves, laid over it',
    file: 'app/src/camera/simulated/light/movingLight.ts',
    by: LIVE,
  },
  {
    what: 'through lens and hand',
    file: 'app/src/camera/simulated/light/lightOnSensor.ts',
    by: LIVE,
  },
  { what: 'light to raw values', file: 'core/src/sensor/exposeLive.ts', by: LIVE },
  { what: 'one pass of the monitors', file: 'core/src/monitor/monitorPass.ts', by: LIVE },
  { what: 'raw to picture', file: 'core/src/colour/develop/develop.ts', by: LIVE },
  { what: 'drawn on the page’s canvas', file: 'app/src/camera/live/surface.ts', by: LIVE },
  { what: 'only numbers go to the page', file: 'app/src/camera/device/readings.ts', by: LIVE },
];

/** A press of Expose. */
export const CAPTURE_WAY: readonly Station[] = [
  { what: 'a press', file: 'app/src/screens/field/session/shutter.ts' },
  { what: 'the one door for captures', file: 'app/src/camera/capture.ts' },
  {
    what: 'a camera’s plan, in bands',
    file: 'app/src/camera/simulated/capture/simulatedCapture.ts',
    by: 'app/src/screens/field/session/fieldSession.ts',
  },
  { what: 'a band in each worker', file: WORKER },
  { what: 'light of the band', file: 'core/src/simulate/stillLight.ts' },
  {
    what: 'exposed: photons, noise, counts',
    file: 'core/src/simulate/simulatedBand.ts',
    by: WORKER,
  },
  { what: 'compressed without loss', file: 'core/src/files/dng/encodeBand.ts', by: WORKER },
  { what: 'assembled: the DNG', file: 'core/src/simulate/simulatedDng.ts', by: WORKER },
  {
    what: 'handed to storage',
    file: 'app/src/storage/frames/frames.ts',
    by: 'app/src/camera/capture.ts',
  },
  { what: 'its own worker', file: 'app/src/storage/frames/frameStore.worker.ts' },
  { what: 'bytes first, the record last', file: 'app/src/storage/frames/frameStore.ts' },
  {
    what: 'a frame exists',
    file: 'app/src/storage/frames/frameLists.ts',
    by: 'app/src/storage/frames/frameStore.worker.ts',
  },
];

const LANE = 520;
const BOX = { width: 472, height: 44 };
const STEP = 74;
const TOP = 56;

const named = (file: string): string => file.split('/').at(-1)!;

/** How one station comes to the next, in words. Throws where no imports lead there any more. */
export function handedOn(graph: ImportGraph, way: readonly Station[], i: number): string {
  const { file, by = way[i - 1]!.file } = way[i]!;
  const files = wayBetween(graph, by, file);
  if (!files) throw new Error(`No imports lead from ${by} to ${file}: the picture is not true.`);
  const between = files.slice(1, -1).map(named);
  const from = by === way[i - 1]!.file ? [] : [named(by)];
  return [...from, ...between].join(' > ');
}

function drawLane(graph: ImportGraph, way: readonly Station[], left: number): string[] {
  const x = left + (LANE - BOX.width) / 2;
  return way.flatMap(({ what, file }, i) => {
    const y = TOP + i * STEP;
    const before =
      i === 0
        ? []
        : [
            arrow(x + 24, y - STEP + BOX.height, x + 24, y),
            text(x + 36, y - 11, handedOn(graph, way, i), { size: 10, faint: true }),
          ];
    return [
      ...before,
      box(x, y, BOX.width, BOX.height),
      text(x + 12, y + 18, what, { bold: true }),
      text(x + 12, y + 35, file, { size: 11, faint: true }),
    ];
  });
}

/** A frame's two ways, as SVG. */
export function drawWay(graph: ImportGraph): string {
  const rows = Math.max(LIVE_WAY.length, CAPTURE_WAY.length);
  return drawing(2 * LANE, TOP + rows * STEP, [
    text(24, 32, 'The live picture, thirty times a second', { size: 16, bold: true }),
    text(LANE + 24, 32, 'A press of Expose', { size: 16, bold: true }),
    ...drawLane(graph, LIVE_WAY, 0),
    ...drawLane(graph, CAPTURE_WAY, LANE),
  ]);
}
