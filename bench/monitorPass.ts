import { cv } from 'opencv-wasm';
import { baselineExposureFor, createDeveloper, developRgb } from '@velmo/core/colour';
import {
  createMonitorResult,
  createPictureMonitor,
  createComponentCounts,
  ladderBinTable,
  MARK_CLIPPED,
  monitorPass,
  monitorPicture,
  SPECK_PIXELS,
  ConnectedComponents,
  toneLevels,
  zebraRawLevel,
  type MonitorTables,
} from '@velmo/core/monitor';
import { findLens } from '@velmo/core/optics';
import { findScene } from '@velmo/core/scene';
import { cameraProfile, MID_GREY_SHARE } from '@velmo/core/sensor';
import { liveFrame, LIVE_HEIGHT as HEIGHT, LIVE_WIDTH as WIDTH } from './liveFrame';
import { compared, inTurns, type Result } from './measure';

const PIXELS = WIDTH * HEIGHT;
const WHITE_LEVEL = 4095;
const BLACK_LEVEL = 256;
const CRUSHED_LEVEL = 262;
const ZEBRA_BYTE = 246;
const LEVELS = { blackLevel: BLACK_LEVEL, whiteLevel: WHITE_LEVEL };
const TABLES: MonitorTables = {
  bins: ladderBinTable(BLACK_LEVEL, WHITE_LEVEL, MID_GREY_SHARE),
  whiteLevel: WHITE_LEVEL,
  crushedLevel: CRUSHED_LEVEL,
  luma: [54, 183, 19],
  zebraLevel: zebraRawLevel({ on: 'raw', clicksUnder: 1 }, LEVELS),
  ...toneLevels(6, MID_GREY_SHARE, LEVELS),
};

/** The developed picture of a raw frame. */
function developed(raw: Uint16Array): Uint8ClampedArray {
  const { sensitivities } = findLens('main')!.sensor;
  const rgba = new Uint8ClampedArray(4 * PIXELS);
  const developer = createDeveloper({
    profile: cameraProfile(sensitivities),
    white: findScene('pans-at-noon')!.white,
    ...LEVELS,
    baselineExposure: baselineExposureFor(MID_GREY_SHARE),
  });
  developRgb(raw, developer, rgba);
  return rgba;
}

/**
 * Every monitor on a live frame of 640 x 480, against OpenCV doing the same: raw histograms of
 * three channels and luminance, clipped per channel and any, crushed, zebra, tone band, glints
 * labelled; picture histograms and its zebra.
 */
export function monitorPassBench(): Result[] {
  const raw = liveFrame('pans-at-noon');
  const rgba = developed(raw);
  const result = createMonitorResult(PIXELS);
  const picture = createPictureMonitor();
  const finder = new ConnectedComponents();
  const specks = createComponentCounts();
  const ours = (): void => {
    monitorPass(raw, TABLES, result);
    finder.find(result.marks, WIDTH, MARK_CLIPPED, SPECK_PIXELS, 0, specks);
    monitorPicture(rgba, ZEBRA_BYTE, result.marks, picture);
  };
  const times = inTurns(ours, openCvMonitors(raw, rgba), 60, 30);
  return [
    compared(
      'monitors',
      times.ours,
      times.peer,
      'ms',
      '640x480 live frame of the pans: raw histograms + luminance, clipped, crushed, zebra, tone, glints, picture histograms and zebra. Peer: opencv-wasm doing the same',
    ),
  ];
}

/** The same by OpenCV's quickest routes: masks of bytes, no copies that can be spared. */
function openCvMonitors(raw: Uint16Array, rgba: Uint8ClampedArray): () => void {
  const image = cv.matFromArray(HEIGHT, WIDTH, cv.CV_16UC3, raw);
  const picture = cv.matFromArray(HEIGHT, WIDTH, cv.CV_8UC4, rgba);
  const toLuma = cv.matFromArray(1, 3, cv.CV_32FC1, [54 / 256, 183 / 256, 19 / 256]);
  const planes = new cv.MatVector();
  const [luma, mask, any, zebra, dark, histogram, none, grey, labels, stats, centres] = Array.from(
    { length: 11 },
    () => new cv.Mat(),
  );
  const level = (v: number, type = cv.CV_16UC1) =>
    new cv.Mat(HEIGHT, WIDTH, type, new cv.Scalar(v, v, v, 0));
  const white = level(WHITE_LEVEL);
  const striped = level(TABLES.zebraLevel);
  const top = level(65535);
  const darkest = level(0, cv.CV_16UC3);
  const crushedTop = level(CRUSHED_LEVEL, cv.CV_16UC3);
  const toneFrom = level(TABLES.toneFrom);
  const toneTo = level(TABLES.toneTo);
  const count = (source: InstanceType<typeof cv.Mat>, bins: number, end: number): void => {
    const list = new cv.MatVector();
    list.push_back(source);
    cv.calcHist(list, [0], none, histogram, [bins], [0, end]);
    list.delete();
  };
  const gather = (
    found: InstanceType<typeof cv.Mat>,
    into: InstanceType<typeof cv.Mat>,
    c: number,
  ) => (c === 0 ? found.copyTo(into) : cv.bitwise_or(into, found, into));
  return () => {
    cv.split(image, planes);
    for (let c = 0; c < 3; c++) {
      const plane = planes.get(c);
      count(plane, 96, 4096);
      cv.inRange(plane, white, top, mask);
      cv.countNonZero(mask);
      gather(mask, any, c);
      cv.inRange(plane, striped, top, mask);
      gather(mask, zebra, c);
      plane.delete();
    }
    cv.countNonZero(any);
    cv.countNonZero(zebra);
    cv.inRange(image, darkest, crushedTop, dark);
    cv.countNonZero(dark);
    cv.transform(image, luma, toLuma);
    count(luma, 96, 4096);
    cv.inRange(luma, toneFrom, toneTo, mask);
    cv.countNonZero(mask);
    // Groups with their areas; telling small from large is then a look at a short list.
    cv.connectedComponentsWithStats(any, labels, stats, centres, 8, cv.CV_32S);
    cv.split(picture, planes);
    for (let c = 0; c < 3; c++) {
      const plane = planes.get(c);
      count(plane, 256, 256);
      plane.delete();
    }
    cv.cvtColor(picture, grey, cv.COLOR_RGBA2GRAY);
    count(grey, 256, 256);
    cv.threshold(grey, mask, ZEBRA_BYTE - 1, 255, cv.THRESH_BINARY);
    cv.countNonZero(mask);
  };
}
