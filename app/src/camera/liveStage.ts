import { developRgb, type Developer } from '@velmo/core/colour';
import { centreWeights } from '@velmo/core/exposure';
import {
  createMonitorResult,
  monitorPass,
  printMarks,
  type MonitorResult,
  type MonitorTables,
} from '@velmo/core/monitor';

/** Dot pitch of clip marks on the screen, in CSS pixels. */
const MARK_PITCH = 6;

/**
 * The last part of every live frame, whatever camera it came from: one monitor pass, develop, marks, canvas.
 * Owns the buffers of one frame size; nothing is allocated per frame.
 */
export class LiveStage {
  readonly raw: Uint16Array;
  readonly weights: Float32Array;
  readonly result: MonitorResult;
  /** The picture before it goes to the canvas. */
  readonly picture: ImageData;

  constructor(
    readonly width: number,
    readonly height: number,
  ) {
    const pixels = width * height;
    this.raw = new Uint16Array(3 * pixels);
    this.weights = centreWeights(width, height);
    this.result = createMonitorResult(pixels);
    this.picture = new ImageData(width, height);
  }

  /** Reads everything the instrument wants to know from `raw`. */
  monitor(tables: MonitorTables): MonitorResult {
    monitorPass(this.raw, this.weights, tables, this.result);
    return this.result;
  }

  /** Develops `raw` into `picture`. */
  develop(developer: Developer): void {
    developRgb(this.raw, developer, this.picture.data);
  }

  /** Prints marks over the picture where wanted and shows it. `scale` is screen pixels per frame pixel. */
  present(canvas: OffscreenCanvas, marks: boolean, scale: number): void {
    const { width, height, picture } = this;
    if (marks) printMarks(this.result.marks, width, height, MARK_PITCH / scale, picture.data);
    if (canvas.width !== width || canvas.height !== height) {
      canvas.width = width;
      canvas.height = height;
    }
    canvas.getContext('2d')?.putImageData(picture, 0, 0);
  }

  /** Share of pixels counted by the last monitor pass: clipped red, green, blue, any, crushed. */
  share(count: number): number {
    return this.result.counts[count] / (this.width * this.height);
  }
}

/** Luminance weights in 1/256 of camera red, green, blue, from the luminance row of camera to XYZ. */
export function lumaWeights(row: readonly [number, number, number]): [number, number, number] {
  const sum = row[0] + row[1] + row[2];
  const red = Math.round((256 * row[0]) / sum);
  const blue = Math.round((256 * row[2]) / sum);
  return [red, 256 - red - blue, blue];
}
