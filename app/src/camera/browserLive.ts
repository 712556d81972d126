import { decodeSrgb, encodeSrgb } from '@velmo/core/colour';
import { PIN_SHARE, type PicturePoint } from '@velmo/core/exposure';
import {
  ladderBinTable,
  peakingTable,
  meterLevel,
  readSpot,
  toneLevels,
  zebraRawLevel,
  type MonitorSettings,
  type MonitorTables,
} from '@velmo/core/monitor';
import { DEFAULT_SETTINGS, type MeterSetting } from '@velmo/core/settings';
import { FIRST_VIEW, type PinReading, type Readings, type ViewOptions } from './CameraDevice';
import { KeptWeights } from './keptWeights';
import { LiveStage, lumaWeights } from './liveStage';
import { inPictureOf } from './pictureInWindow';
import { sameWatched } from './sameAsked';
import { VideoLoupe } from './videoLoupe';

const LONG_PX = 640;
const WHITE_LEVEL = 4095;
/** Mid-grey of an sRGB picture. Nothing but the picture is known, so this is where the ladder's 0 lies. */
const MID_GREY = 0.18;

const LINEAR_12 = Uint16Array.from({ length: 256 }, (_, v) =>
  Math.round(WHITE_LEVEL * decodeSrgb(v / 255)),
);
const DARKEST = LINEAR_12[1];

/** Luminance of BT.709 red, green, blue. */
const LUMA = [0.2126, 0.7152, 0.0722] as const;

const LEVELS = { blackLevel: 0, whiteLevel: WHITE_LEVEL };

/** Tables of the monitors a view asks for. */
const tablesFor = ({ zebra, toneClicks }: MonitorSettings): MonitorTables => ({
  bins: ladderBinTable(0, WHITE_LEVEL, MID_GREY),
  whiteLevel: WHITE_LEVEL,
  crushedLevel: DARKEST,
  luma: lumaWeights(LUMA),
  zebraLevel: zebraRawLevel(zebra, LEVELS),
  ...toneLevels(toneClicks, MID_GREY, LEVELS),
});

/**
 * A video frame does not tell its noise: taken to be a step of its eight bits at any level, which is what is left of it where
 * the camera has smoothed it away.
 */
function videoNoise(level: number): number {
  const code = 255 * encodeSrgb(level / WHITE_LEVEL);
  return WHITE_LEVEL * (decodeSrgb((code + 1) / 255) - decodeSrgb(code / 255));
}

/** Peaking by strength. */
const PEAKING = {
  low: peakingTable('low', LEVELS, videoNoise),
  medium: peakingTable('medium', LEVELS, videoNoise),
  high: peakingTable('high', LEVELS, videoNoise),
};

/** Readings as far as the picture alone gives them; the main thread adds what the track knows. */
export type PictureReadings = Omit<Readings, 'applied' | 'timeClick' | 'isoClick' | 'focus'>;

/** What a pin reads: no further than the picture's own white. */
function readPin({ raw, width, height }: LiveStage, pin: PicturePoint): PinReading {
  const { luminance, peak } = readSpot(raw, width, height, pin, PIN_SHARE, LUMA);
  return {
    stops: Math.log2(Math.max(1, luminance) / (WHITE_LEVEL * MID_GREY)),
    roomStops: Math.log2(WHITE_LEVEL / Math.max(1, peak)),
  };
}

/** A grabbed frame in full size. */
export interface GrabbedFrame {
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
  readonly width: number;
  readonly height: number;
}

export type VideoSource = VideoFrame | ImageBitmap;

const sizeOf = (frame: VideoSource): { width: number; height: number } =>
  'displayWidth' in frame
    ? { width: frame.displayWidth, height: frame.displayHeight }
    : { width: frame.width, height: frame.height };

/** The live picture of a browser camera: each video frame linearised, monitored, shown. */
export class BrowserLive {
  private canvas: OffscreenCanvas | null = null;
  private stage: LiveStage | null = null;
  private scratch = new OffscreenCanvas(1, 1);
  private readonly loupe = new VideoLoupe();
  private options: ViewOptions = FIRST_VIEW;
  private tables = tablesFor(FIRST_VIEW.monitors);
  private readonly weights = new KeptWeights();
  private setting: MeterSetting = DEFAULT_SETTINGS.meter;
  private grabs: ((frame: GrabbedFrame) => void)[] = [];

  constructor(private readonly report: (readings: PictureReadings) => void) {}

  attach(canvas: OffscreenCanvas): void {
    this.canvas = canvas;
  }

  attachLoupe(canvas: OffscreenCanvas): void {
    this.loupe.attach(canvas);
  }

  view(options: ViewOptions): void {
    this.loupe.look(options.loupe);
    if (!sameWatched(options.monitors, this.options.monitors))
      this.tables = tablesFor(options.monitors);
    this.options = options;
  }

  /** How the picture is to be read from now on. */
  meter(setting: MeterSetting): void {
    this.setting = setting;
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
    // Even, because the picture is read two pixels at a time.
    const width = 2 * Math.round((size.width * scale) / 2);
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
    stage.monitor(this.tables);
    const { peaking, monitors } = this.options;
    if (peaking) stage.peak(this.tables, PEAKING[monitors.peakingStrength]);
    const picture = stage.watchPicture(this.options.monitors);
    const loupe = this.loupe.draw(frame, size, (at) => this.inPicture(stage, at));
    if (this.canvas) stage.present(this.canvas, this.options);
    const { pattern, spot } = this.setting;
    const weights = this.weights.of(stage, pattern, this.inPicture(stage, spot));
    const level = meterLevel(stage.raw, weights, this.tables.luma);
    const stops = Math.log2(Math.max(1, level) / (WHITE_LEVEL * MID_GREY));
    this.report({
      differenceClicks: Math.round(3 * stops),
      outOfRange: false,
      ev100: null,
      lightClicks: null,
      pins: this.options.pins.map((pin) => readPin(stage, this.inPicture(stage, pin))),
      loupe,
      refined: true,
      cosDeclination: null,
      histogram: stage.result.histogram.slice(),
      ...stage.shares(),
      picture,
      white: null,
      gains: null,
      overClipStops: null,
      clipStops: Math.log2(1 / MID_GREY),
      floorStops: Math.log2(DARKEST / WHITE_LEVEL / MID_GREY),
    });
  }

  /** The next frame in full size. */
  grab(): Promise<GrabbedFrame> {
    return new Promise((resolve) => this.grabs.push(resolve));
  }

  /** Places are given in the Window, which stands or lies as the phone does; the video need not. */
  private inPicture({ width, height }: LiveStage, at: PicturePoint): PicturePoint {
    return inPictureOf(at, this.options.upright ? 3 / 4 : 4 / 3, width / height);
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
