import { decodeSrgb } from '@velmo/core/colour';
import { ladderBinTable, type MonitorTables } from '@velmo/core/monitor';
import type { Readings, ViewOptions } from './CameraDevice';
import { LiveStage, lumaWeights } from './liveStage';

const LONG_PX = 640;
const WHITE_LEVEL = 4095;
/** Mid-grey of an sRGB picture. Nothing but the picture is known, so this is where the ladder's 0 lies. */
const MID_GREY = 0.18;

const LINEAR_12 = Uint16Array.from({ length: 256 }, (_, v) =>
  Math.round(WHITE_LEVEL * decodeSrgb(v / 255)),
);
const DARKEST = LINEAR_12[1];

const TABLES: MonitorTables = {
  bins: ladderBinTable(0, WHITE_LEVEL, MID_GREY),
  whiteLevel: WHITE_LEVEL,
  crushedLevel: DARKEST,
  luma: lumaWeights([0.2126, 0.7152, 0.0722]),
};

/** Readings as far as the picture alone gives them; the main thread adds what the track knows. */
export type PictureReadings = Omit<Readings, 'applied' | 'timeClick' | 'isoClick'>;

/** A grabbed frame in full size. */
export interface GrabbedFrame {
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
  readonly width: number;
  readonly height: number;
}

type VideoSource = VideoFrame | ImageBitmap;

const sizeOf = (frame: VideoSource): { width: number; height: number } =>
  'displayWidth' in frame
    ? { width: frame.displayWidth, height: frame.displayHeight }
    : { width: frame.width, height: frame.height };

/** The live picture of a browser camera: each video frame linearised, monitored, shown. */
export class BrowserLive {
  private canvas: OffscreenCanvas | null = null;
  private stage: LiveStage | null = null;
  private scratch = new OffscreenCanvas(1, 1);
  private options: ViewOptions = { upright: false, marks: true, scale: 1 };
  private grabs: ((frame: GrabbedFrame) => void)[] = [];

  constructor(private readonly report: (readings: PictureReadings) => void) {}

  attach(canvas: OffscreenCanvas): void {
    this.canvas = canvas;
  }

  view(options: ViewOptions): void {
    this.options = options;
  }

  /** Reads frames until the stream ends. */
  async follow(stream: ReadableStream<VideoFrame>): Promise<void> {
    const reader = stream.getReader();
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return;
      try {
        this.frame(value);
      } finally {
        value.close();
      }
    }
  }

  /** Shows and reads one frame. */
  frame(frame: VideoSource): void {
    const size = sizeOf(frame);
    if (this.grabs.length > 0) this.answerGrabs(frame, size);
    const scale = Math.min(1, LONG_PX / Math.max(size.width, size.height));
    const width = Math.round(size.width * scale);
    const height = Math.round(size.height * scale);
    const stage = this.stageOf(width, height);
    const context = this.scratchContext(width, height);
    context.drawImage(frame, 0, 0, width, height);
    const { data } = context.getImageData(0, 0, width, height);
    stage.picture.data.set(data);
    for (let i = 0, o = 0; o < stage.raw.length; i += 4, o += 3) {
      stage.raw[o] = LINEAR_12[data[i]];
      stage.raw[o + 1] = LINEAR_12[data[i + 1]];
      stage.raw[o + 2] = LINEAR_12[data[i + 2]];
    }
    const { meterLevel, histogram } = stage.monitor(TABLES);
    if (this.canvas) stage.present(this.canvas, this.options.marks, this.options.scale);
    const stops = Math.log2(Math.max(1, meterLevel) / (WHITE_LEVEL * MID_GREY));
    this.report({
      differenceClicks: Math.round(3 * stops),
      outOfRange: false,
      ev100: null,
      histogram: histogram.slice(),
      clippedShare: [stage.share(0), stage.share(1), stage.share(2)],
      crushedShare: stage.share(4),
      overClipStops: null,
      clipStops: Math.log2(1 / MID_GREY),
      floorStops: Math.log2(DARKEST / WHITE_LEVEL / MID_GREY),
    });
  }

  /** The next frame in full size. */
  grab(): Promise<GrabbedFrame> {
    return new Promise((resolve) => this.grabs.push(resolve));
  }

  private answerGrabs(
    frame: VideoSource,
    { width, height }: { width: number; height: number },
  ): void {
    const context = this.scratchContext(width, height);
    context.drawImage(frame, 0, 0, width, height);
    const { data } = context.getImageData(0, 0, width, height);
    const waiting = this.grabs;
    this.grabs = [];
    for (const resolve of waiting) resolve({ rgba: data.slice(), width, height });
  }

  private stageOf(width: number, height: number): LiveStage {
    if (this.stage?.width !== width || this.stage.height !== height)
      this.stage = new LiveStage(width, height);
    return this.stage;
  }

  private scratchContext(width: number, height: number): OffscreenCanvasRenderingContext2D {
    if (this.scratch.width !== width || this.scratch.height !== height)
      this.scratch = new OffscreenCanvas(width, height);
    return this.scratch.getContext('2d', { willReadFrequently: true })!;
  }
}
