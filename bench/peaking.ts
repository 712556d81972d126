import { cv } from 'opencv-wasm';
import { lumaNoise, markPeaking, peakingTable } from '@velmo/core/monitor';
import { findLens } from '@velmo/core/optics';
import { photositeResponse } from '@velmo/core/sensor';
import { liveFrame, LIVE_HEIGHT, LIVE_WIDTH } from './liveFrame';
import { compared, inTurns, type Result } from './measure';

const LUMA = [54, 183, 19] as const;
const SHARE = 0.15;

/**
 * Focus peaking of a live frame, against the usual way with OpenCV: luma, Sobel both ways, slope,
 * threshold by brightness.
 */
export function peakingBench(): Result[] {
  const raw = liveFrame('packing-bench', 1 / 20);
  const { sensor } = findLens('main')!;
  const noise = lumaNoise(photositeResponse(sensor, 100, sensor.widthPx / LIVE_WIDTH), LUMA);
  const table = peakingTable('medium', sensor, noise);
  const marks = new Uint8Array(LIVE_WIDTH * LIVE_HEIGHT);
  const ours = (): void => {
    marks.fill(0);
    markPeaking(raw, LIVE_WIDTH, LIVE_HEIGHT, LUMA, table, marks);
  };
  const times = inTurns(ours, sobelRoute(raw), 60, 30);
  return [
    compared(
      'peaking',
      times.ours,
      times.peer,
      'ms',
      '640x480 live frame of the packing bench: edges in focus marked. Peer: opencv-wasm, Sobel x and y, magnitude, compared with a share of the luma',
    ),
  ];
}

function sobelRoute(raw: Uint16Array): () => void {
  const image = cv.matFromArray(LIVE_HEIGHT, LIVE_WIDTH, cv.CV_16UC3, raw);
  const toLuma = cv.matFromArray(1, 3, cv.CV_32FC1, [54 / 256, 183 / 256, 19 / 256]);
  const [luma, dx, dy, slope, least, mask] = Array.from({ length: 6 }, () => new cv.Mat());
  return () => {
    cv.transform(image, luma, toLuma);
    cv.Sobel(luma, dx, cv.CV_32F, 1, 0);
    cv.Sobel(luma, dy, cv.CV_32F, 0, 1);
    cv.magnitude(dx, dy, slope);
    luma.convertTo(least, cv.CV_32F, 4 * SHARE);
    cv.compare(slope, least, mask, cv.CMP_GT);
  };
}
