import type { Plane } from '@velmo/core/combine';
import { orientationOf, type DngExif, type Orientation } from '@velmo/core/files';
import { VideoScale } from '../camera/browser/videoScale';
import type { LiveStage } from '../camera/live/liveStage';
import { watchedBy, type FrameMarks } from './frameMarks';
import { FrameView, type FrameReading, type FrameSummary } from './frameView';
import { pictureCanvas, pictureExif, type PictureKind } from './pictureCanvas';
import type { Piece } from './shownPicture';

/** Codes of a developed picture as light: sRGB's. */
const SCALE = new VideoScale(null, 0);

/** A stored developed picture: JPEG, PNG or TIFF. It stands upright and holds no raw. */
export class PictureView extends FrameView {
  protected readonly orientation: Orientation = orientationOf(1);
  protected readonly finest = 1;

  private constructor(
    private readonly canvas: OffscreenCanvas,
    private readonly exif: DngExif,
  ) {
    super();
  }

  /** Rejects with a sentence when the picture cannot be decoded. */
  static async of(kind: PictureKind, bytes: Uint8Array<ArrayBuffer>): Promise<PictureView> {
    const exif = pictureExif(kind, bytes);
    return new PictureView(await pictureCanvas(kind, bytes), exif);
  }

  summary(): FrameSummary {
    return { ...this.size, exif: this.exif, picture: this.pictureHistogram(), raw: null };
  }

  protected get size() {
    return { width: this.canvas.width, height: this.canvas.height };
  }

  protected load(stage: LiveStage, piece: Piece, marks: FrameMarks | null): void {
    const { width, height } = stage;
    const canvas = new OffscreenCanvas(width, height);
    const context = canvas.getContext('2d', { willReadFrequently: true })!;
    const { x, y, factor } = piece;
    context.drawImage(this.canvas, x, y, width * factor, height * factor, 0, 0, width, height);
    const { data } = context.getImageData(0, 0, width, height);
    stage.picture.data.set(data);
    if (!marks) return;
    const { raw } = stage;
    for (let i = 0, p = 0; i < raw.length; i += 3, p += 4)
      for (let c = 0; c < 3; c++) raw[i + c] = SCALE.table[256 * c + data[p + c]];
    const monitors = watchedBy(marks);
    const tables = SCALE.tablesFor(monitors);
    stage.monitor(tables);
    if (marks.edges) stage.peak(tables, SCALE.peaking[monitors.peakingStrength]);
    stage.watchPicture(monitors);
  }

  protected tones({ picture, width, height }: LiveStage): Plane {
    const data = new Float32Array(width * height);
    for (let p = 0, i = 1; p < data.length; p++, i += 4)
      data[p] = SCALE.stopsOf(SCALE.table[256 + picture.data[i]]);
    return { data, width, height };
  }

  protected readInFile(at: { x: number; y: number }, radius: number): FrameReading {
    const { width, height } = this.canvas;
    const side = 2 * Math.max(0, Math.round(radius)) + 1;
    const corner = (c: number, whole: number): number =>
      Math.min(Math.max(0, whole - side), Math.max(0, Math.floor(c * whole) - (side >> 1)));
    const small = new OffscreenCanvas(Math.min(side, width), Math.min(side, height));
    const context = small.getContext('2d')!;
    context.drawImage(this.canvas, -corner(at.x, width), -corner(at.y, height));
    const { data } = context.getImageData(0, 0, small.width, small.height);
    const mean = (c: number): number => {
      let sum = 0;
      for (let i = c; i < data.length; i += 4) sum += data[i];
      return Math.round((4 * sum) / data.length);
    };
    return { kind: 'picture', bytes: [mean(0), mean(1), mean(2)] };
  }
}
