import { DevelopingTable, type Developer } from '@velmo/core/colour';
import {
  CLIPPED_PINK,
  COUNT,
  createMonitorResult,
  createPictureMonitor,
  createComponentCounts,
  CRUSHED_TEAL,
  MARK_CLIPPED,
  MARK_SPECK,
  MARK_ZEBRA,
  markPeaking,
  monitorPass,
  monitorPicture,
  PICTURE_BINS,
  printClipView,
  printDistances,
  printMarks,
  printSharpZone,
  SPECK_PIXELS,
  ConnectedComponents,
  zebraByte,
  type Clipping,
  type DepthLook,
  type MarkColour,
  type MonitorResult,
  type MonitorSettings,
  type MonitorTables,
  type PeakingTable,
} from '@velmo/core/monitor';
import type { SharpZone } from '@velmo/core/optics';
import type { PictureReading, Readings } from '../device/readings';
import type { ViewOptions } from '../device/view';
import type { Surface } from './surface';

/** Dot pitch of clip marks on the screen, in CSS pixels. */
const MARK_PITCH = 6;

const OVER_BITS = { any: MARK_CLIPPED, red: 1, green: 2, blue: 4, off: 0 } as const;
const OVER_COLOUR: Readonly<Record<MonitorSettings['overColour'], MarkColour>> = {
  pink: CLIPPED_PINK,
  white: [255, 255, 255],
  black: [0, 0, 0],
};

/** No green: too many scenes have edges of that colour. */
const PEAK_COLOUR: Readonly<Record<MonitorSettings['peakingColour'], MarkColour>> = {
  violet: [176, 102, 255],
  white: [250, 250, 250],
  blue: [70, 150, 255],
};

/** What is printed over a picture. */
export type PrintOptions = Pick<
  ViewOptions,
  'marks' | 'clips' | 'scale' | 'monitors' | 'peaking' | 'depth'
>;

/**
 * The last part of every live frame, whatever camera it came from: monitors, develop, marks,
 * canvas. Owns the buffers of one frame size; no pixels are allocated per frame.
 */
export class LiveStage {
  readonly raw: Uint16Array;
  readonly result: MonitorResult;
  /** The picture before it goes to the canvas. */
  readonly picture: ImageData;
  /** Pixels under the zebra, specks left out. */
  zebraPixels = 0;
  private readonly table: DevelopingTable;
  private readonly pictureMonitor = createPictureMonitor();
  private readonly finder = new ConnectedComponents();
  private readonly specks = createComponentCounts();
  private readonly zebraSpecks = createComponentCounts();

  constructor(
    readonly width: number,
    readonly height: number,
  ) {
    const pixels = width * height;
    this.table = new DevelopingTable(pixels);
    this.raw = this.table.raw;
    this.result = createMonitorResult(pixels);
    this.picture = new ImageData(this.table.rgba, width, height);
  }

  /** Reads everything the instrument wants to know from `raw`. */
  monitor(tables: MonitorTables): void {
    monitorPass(this.raw, tables, this.result);
    const { marks, counts } = this.result;
    this.finder.find(marks, this.width, MARK_CLIPPED, SPECK_PIXELS, 0, this.specks);
    this.zebraPixels = 0;
    if (counts[COUNT.zebra] > 0) this.dropZebraSpecks(counts[COUNT.zebra]);
  }

  /** Marks the edges of what is in focus. */
  peak({ luma }: MonitorTables, table: PeakingTable): void {
    const { raw, width, height, result } = this;
    markPeaking(raw, width, height, luma, table, result.marks);
  }

  /** Shows depth instead of the picture alone. */
  showDepth(depthM: Float32Array, zone: SharpZone, look: DepthLook): void {
    const { width, height, picture } = this;
    const print = look === 'zone' ? printSharpZone : printDistances;
    print({ width, height, depthM }, zone, picture.data);
  }

  /** Develops `raw` into `picture`. */
  develop(developer: Developer): void {
    this.table.develop(developer);
  }

  /**
   * Reads the developed picture where its histogram or its zebra is wanted; null where neither is.
   */
  watchPicture({ pictureHistogram, zebra }: MonitorSettings): PictureReading | null {
    const onPicture = zebra?.on === 'picture';
    if (!pictureHistogram && !onPicture) return null;
    const { pictureMonitor, result } = this;
    monitorPicture(this.picture.data, zebraByte(zebra), result.marks, pictureMonitor);
    if (onPicture && pictureMonitor.zebra > 0) this.dropZebraSpecks(pictureMonitor.zebra);
    return { histogram: this.curves() };
  }

  /** Pixels per byte value of the developed picture: red, green, blue, luma. */
  pictureHistogram(): Int32Array {
    monitorPicture(this.picture.data, zebraByte(null), this.result.marks, this.pictureMonitor);
    return this.curves();
  }

  private curves(): Int32Array {
    const histogram = new Int32Array(4 * PICTURE_BINS);
    this.pictureMonitor.histogram.forEach((curve, c) => histogram.set(curve, c * PICTURE_BINS));
    return histogram;
  }

  /** Prints marks over the picture where wanted and shows it. */
  present(surface: Surface, options: ViewOptions): void {
    this.print(options);
    surface.show(this.picture);
  }

  /** Prints marks over the picture where wanted. */
  print({ marks, clips, scale, monitors, peaking, depth }: PrintOptions): void {
    const { width, height, picture } = this;
    if (clips) printClipView(this.result.marks, picture.data);
    else if (marks && depth === 'off')
      printMarks(
        this.result.marks,
        width,
        height,
        {
          over: OVER_BITS[monitors.over],
          under: monitors.under,
          zebra: this.zebraPixels > monitors.allowedShare * width * height,
          tone: monitors.toneClicks !== null,
          peak: peaking ? PEAK_COLOUR[monitors.peakingColour] : null,
          pitch: MARK_PITCH / scale,
          overColour: OVER_COLOUR[monitors.overColour],
          underColour: CRUSHED_TEAL,
        },
        picture.data,
      );
  }

  /** Share of pixels counted by the last monitor pass. */
  private share(count: keyof typeof COUNT): number {
    return this.result.counts[COUNT[count]] / (this.width * this.height);
  }

  /** The monitors' shares of the frame, as readings carry them. */
  shares(): Pick<
    Readings,
    'clippedShare' | 'clippedAny' | 'clippedSurface' | 'glintShare' | 'crushedShare' | 'zebraShare'
  > {
    const pixels = this.width * this.height;
    const [red, green, blue] = this.clipping.channels;
    return {
      clippedShare: [this.share('red'), this.share('green'), this.share('blue')],
      clippedAny: this.share('any'),
      clippedSurface: [red / pixels, green / pixels, blue / pixels],
      glintShare: this.specks.any / pixels,
      crushedShare: this.share('crushed'),
      zebraShare: this.zebraPixels / pixels,
    };
  }

  /** What clips for good, specks left out. */
  get clipping(): Clipping {
    const { counts } = this.result;
    const { any, channels } = this.specks;
    return {
      any: counts[COUNT.any] - any,
      channels: [counts[0] - channels[0], counts[1] - channels[1], counts[2] - channels[2]],
    };
  }

  private dropZebraSpecks(zebra: number): void {
    const { marks } = this.result;
    this.finder.find(marks, this.width, MARK_ZEBRA, SPECK_PIXELS, MARK_SPECK, this.zebraSpecks);
    this.zebraPixels = zebra - this.zebraSpecks.any;
  }
}

/**
 * Luminance weights in 1/256 of camera red, green, blue, from the luminance row of camera to XYZ.
 */
export function lumaWeights(row: readonly [number, number, number]): [number, number, number] {
  const sum = row[0] + row[1] + row[2];
  const red = Math.round((256 * row[0]) / sum);
  const blue = Math.round((256 * row[2]) / sum);
  return [red, 256 - red - blue, blue];
}
