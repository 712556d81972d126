import { PIN_SHARE, type PicturePoint } from '@velmo/core/exposure';
import { meterLevel, readSpot } from '@velmo/core/monitor';
import { linearise, type RecoveredResponse, type VideoResponse } from '@velmo/core/response';
import { DEFAULT_SETTINGS, type MeterSetting } from '@velmo/core/settings';
import { FIRST_VIEW, type ViewOptions } from '../device/view';
import type { PinReading, Readings } from '../device/readings';
import { KeptWeights } from '../live/keptWeights';
import { LiveStage } from '../live/liveStage';
import { inPictureOf } from '../device/pictureInWindow';
import { sameWatched } from '../device/sameAsked';
import { Surface } from '../live/surface';
import { VideoLoupe } from './videoLoupe';
import { LUMA, VIDEO_WHITE, VideoScale } from './videoScale';
import { VideoSeries } from './videoSeries';

const LONG_PX = 640;

/** Readings as far as the picture alone gives them; the main thread adds what the track knows. */
export interface PictureReadings extends Omit<
  Readings,
  'applied' | 'timeClick' | 'isoClick' | 'focus' | 'ev100' | 'white'
> {
  /** What the meter reads, in stops from mid-grey. */
  readonly meterStops: number;
}

/** What a pin reads: no further than the picture's own white. */
function readPin(
  { raw, width, height }: LiveStage,
  scale: VideoScale,
  pin: PicturePoint,
): PinReading {
  const { luminance, peak } = readSpot(raw, width, height, pin, PIN_SHARE, LUMA);
  return {
    stops: scale.stopsOf(luminance),
    roomStops: Math.log2(VIDEO_WHITE / Math.max(1, peak)),
  };
}

/** A grabbed frame in full size. */
export interface GrabbedFrame {
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
  readonly width: number;
  readonly height: number;
}

/** A picture of the video, however the browser hands it over. */
export type VideoSource = VideoFrame | ImageBitmap;

const sizeOf = (frame: VideoSource): { width: number; height: number } =>
  'displayWidth' in frame
    ? { width: frame.displayWidth, height: frame.displayHeight }
    : { width: frame.width, height: frame.height };

/** The live picture of a browser camera: each video frame linearised, monitored, shown. */
export class BrowserLive {
  private surface: Surface | null = null;
  private stage: LiveStage | null = null;
  private readonly scratch = new Surface(new OffscreenCanvas(1, 1));
  private readonly loupe = new VideoLoupe();
  private options: ViewOptions = FIRST_VIEW;
  private scale = new VideoScale(null, 0);
  private tables = this.scale.tablesFor(FIRST_VIEW.monitors);
  private series: VideoSeries | null = null;
  private readonly weights = new KeptWeights();
  private setting: MeterSetting = DEFAULT_SETTINGS.meter;
  private grabs: ((frame: GrabbedFrame) => void)[] = [];
  /** Who waits for frames to pass. */
  private passing: { left: number; readonly passed: () => void }[] = [];

  constructor(private readonly report: (readings: PictureReadings) => void) {}

  attach(canvas: OffscreenCanvas): void {
    this.surface = new Surface(canvas);
  }

  attachLoupe(canvas: OffscreenCanvas): void {
    this.loupe.attach(canvas);
  }

  view(options: ViewOptions): void {
    this.loupe.look(options.loupe);
    if (!sameWatched(options.monitors, this.options.monitors))
      this.tables = this.scale.tablesFor(options.monitors);
    this.options = options;
  }

  /**
   * How the camera's light is calibrated: its response (null: sRGB's), and what a grey card reads
   * without this.
   */
  calibrate(response: VideoResponse | null, greyStops: number): void {
    this.scale = new VideoScale(response, greyStops);
    this.tables = this.scale.tablesFor(this.options.monitors);
  }

  /**
   * Starts a guided series, of which `gather` takes the pictures and `recover` makes the response.
   */
  startSeries(): void {
    this.series = new VideoSeries();
  }

  /**
   * One picture of the series, with so much light, once the camera has settled.
   *
   * @returns false where the pictures show by now that the camera does not follow
   */
  async gather(exposureStops: number, skip: number): Promise<boolean> {
    const { series } = this;
    await series?.gather(exposureStops, skip);
    const follows = !series?.isIgnored;
    if (!follows) this.series = null;
    return follows;
  }

  recover(): RecoveredResponse | null {
    const found = this.series?.recover() ?? null;
    this.series = null;
    return found;
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
    if (this.passing.length > 0) this.tellPassing();
    const scale = Math.min(1, LONG_PX / Math.max(size.width, size.height));
    // Even, because the picture is read two pixels at a time.
    const width = 2 * Math.round((size.width * scale) / 2);
    const height = Math.round(size.height * scale);
    const stage = this.stageOf(width, height);
    const context = this.scratchContext(width, height);
    context.drawImage(frame, 0, 0, width, height);
    const { data } = context.getImageData(0, 0, width, height);
    this.series?.frame(data, width, height);
    stage.picture.data.set(data);
    linearise(data, this.scale.table, stage.raw);
    stage.monitor(this.tables);
    const { peaking, monitors } = this.options;
    if (peaking) stage.peak(this.tables, this.scale.peaking[monitors.peakingStrength]);
    const picture = stage.watchPicture(this.options.monitors);
    const loupe = this.loupe.draw(frame, size, (at) => this.inPicture(stage, at));
    if (this.surface) stage.present(this.surface, this.options);
    const { pattern, spot } = this.setting;
    const weights = this.weights.of(stage, pattern, this.inPicture(stage, spot));
    const level = meterLevel(stage.raw, weights, this.tables.luma);
    const meterStops = this.scale.stopsOf(level);
    this.report({
      meterStops,
      differenceClicks: Math.round(3 * meterStops),
      outOfRange: false,
      estimated: this.scale.response === null,
      lightClicks: null,
      pins: this.options.pins.map((pin) => readPin(stage, this.scale, this.inPicture(stage, pin))),
      loupe,
      refined: true,
      cosDeclination: null,
      histogram: stage.result.histogram.slice(),
      ...stage.shares(),
      picture,
      gains: null,
      overClipStops: null,
      clipStops: this.scale.stopsOf(VIDEO_WHITE),
      floorStops: this.scale.stopsOf(this.scale.darkest),
    });
  }

  /** The next frame in full size. */
  grab(): Promise<GrabbedFrame> {
    return new Promise((resolve) => this.grabs.push(resolve));
  }

  /** Resolves once so many frames have passed. */
  letGo(frames: number): Promise<void> {
    return new Promise((passed) => this.passing.push({ left: frames, passed }));
  }

  private tellPassing(): void {
    for (const one of this.passing) if (--one.left <= 0) one.passed();
    this.passing = this.passing.filter(({ left }) => left > 0);
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
    this.scratch.resize(width, height);
    return this.scratch.context;
  }
}
