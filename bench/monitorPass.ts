import { cv } from 'opencv-wasm';
import { centreWeights } from '@velmo/core/exposure';
import { createMonitorResult, ladderBinTable, monitorPass } from '@velmo/core/monitor';
import { findLens, halfWidthTangent } from '@velmo/core/optics';
import { findScene, renderScene } from '@velmo/core/scene';
import {
  createLightPlane,
  electronsPerLuminance,
  exposeLive,
  photositeResponse,
} from '@velmo/core/sensor';
import { compared, inTurns, type Result } from './measure';

const WIDTH = 640;
const HEIGHT = 480;

/** Three channel histograms and luma, clip counts and meter on 640 x 480, against OpenCV doing the same. */
export function monitorPassBench(): Result[] {
  const raw = liveFrame();
  const weights = centreWeights(WIDTH, HEIGHT);
  const tables = {
    bins: ladderBinTable(256, 4095, 10 / 78),
    whiteLevel: 4095,
    crushedLevel: 262,
    luma: [54, 183, 19] as const,
  };
  const result = createMonitorResult(WIDTH * HEIGHT);
  const image = cv.matFromArray(HEIGHT, WIDTH, cv.CV_16UC3, raw);
  const meter = cv.matFromArray(HEIGHT, WIDTH, cv.CV_32FC1, weights);
  const toLuma = cv.matFromArray(1, 3, cv.CV_32FC1, [54 / 256, 183 / 256, 19 / 256]);
  const planes = new cv.MatVector();
  const luma = new cv.Mat();
  const plane32 = new cv.Mat();
  const mask = new cv.Mat();
  const any = new cv.Mat();
  const crushed = new cv.Mat();
  const bound = (level: number) =>
    new cv.Mat(HEIGHT, WIDTH, cv.CV_16UC3, new cv.Scalar(level, level, level, 0));
  // Masks of bytes: OpenCV's quickest way to compare words.
  const white = new cv.Mat(HEIGHT, WIDTH, cv.CV_16UC1, new cv.Scalar(4095));
  const top = new cv.Mat(HEIGHT, WIDTH, cv.CV_16UC1, new cv.Scalar(65535));
  const darkest = bound(0);
  const crushedTop = bound(262);
  const histogram = new cv.Mat();
  const none = new cv.Mat();
  const peer = (): void => {
    cv.split(image, planes);
    const list = new cv.MatVector();
    for (let c = 0; c < 3; c++) {
      const plane = planes.get(c);
      list.push_back(plane);
      cv.calcHist(list, [c], none, histogram, [96], [0, 4096]);
      cv.inRange(plane, white, top, mask);
      cv.countNonZero(mask);
      // Clipped in any channel, and crushed in all: our pass counts and marks both.
      if (c === 0) mask.copyTo(any);
      else cv.bitwise_or(any, mask, any);
      plane.delete();
    }
    cv.countNonZero(any);
    cv.inRange(image, darkest, crushedTop, crushed);
    cv.countNonZero(crushed);
    cv.transform(image, luma, toLuma);
    luma.convertTo(plane32, cv.CV_32F);
    plane32.dot(meter);
    const lumaList = new cv.MatVector();
    lumaList.push_back(luma);
    cv.calcHist(lumaList, [0], none, histogram, [96], [0, 4096]);
    lumaList.delete();
    list.delete();
  };
  const times = inTurns(() => monitorPass(raw, weights, tables, result), peer, 100, 40);
  return [
    compared(
      'monitor-pass',
      times.ours,
      times.peer,
      'ms',
      '640x480 live frame of the pans: 3 histograms + luma, meter, clipped per channel and any, crushed, with masks. Peer: opencv-wasm doing the same',
    ),
  ];
}

/** A live frame of "Pans at noon", a stop over the meter: noise, clipped glints and crushed doorway included. */
function liveFrame(): Uint16Array {
  const lens = findLens('main')!;
  const scene = findScene('pans-at-noon')!;
  const framing = {
    ...scene.framing,
    halfLongTangent: halfWidthTangent(lens),
    longPx: WIDTH,
    shortPx: HEIGHT,
    layout: 'level' as const,
  };
  const plane = createLightPlane(WIDTH, HEIGHT);
  renderScene(scene, framing, 0, plane, lens.sensor.xyzToCamera, 1);
  const binning = lens.sensor.widthPx / WIDTH;
  const perLight = electronsPerLuminance(lens.sensor, binning, 1 / 4096, lens.fNumber);
  const raw = new Uint16Array(3 * WIDTH * HEIGHT);
  exposeLive(plane.rgb, photositeResponse(lens.sensor, 100, binning), perLight, 1, raw);
  return raw;
}
