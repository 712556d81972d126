import type { Plane } from '@velmo/core/combine';
import {
  isOwnTiff,
  orientationOf,
  readPictureExif,
  readPictureTiff,
  type DngExif,
  type Orientation,
} from '@velmo/core/files';
import UTIF from 'utif2';
import { VideoScale } from '../camera/browser/videoScale';
import { canvasOf } from '../camera/files/thumbnail';
import type { LiveStage } from '../camera/live/liveStage';
import type { StoredKind } from '../storage/frameRecord';
import { MIME_TYPES } from '../storage/save';
import { containerExif } from './containerExif';
import { watchedBy, type FrameMarks } from './frameMarks';
import { FrameView, type FrameReading, type FrameSummary } from './frameView';
import type { Piece } from './shownPicture';

type PictureKind = Exclude<StoredKind, 'dng' | 'raw'>;

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
    const exif =
      kind === 'jpeg' || kind === 'png' || kind === 'tiff'
        ? readPictureExif(kind, bytes)
        : containerExif(bytes);
    return new PictureView(kind === 'tiff' ? tiffCanvas(bytes) : await decoded(kind, bytes), exif);
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

async function decoded(
  kind: Exclude<PictureKind, 'tiff'>,
  bytes: Uint8Array<ArrayBuffer>,
): Promise<OffscreenCanvas> {
  const blob = new Blob([bytes], { type: MIME_TYPES[kind] });
  const bitmap = await createImageBitmap(blob).catch(() => {
    const why =
      kind === 'jpeg' || kind === 'png'
        ? 'its file is broken'
        : `it does not read ${kind.toUpperCase()}, or the file is broken`;
    throw new Error(`The browser could not decode this picture: ${why}.`);
  });
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0);
  bitmap.close();
  return canvas;
}

/**
 * As Velmo writes them by our own reader, all others as far as UTIF reads them: 8 bits are shown.
 */
function tiffCanvas(bytes: Uint8Array<ArrayBuffer>): OffscreenCanvas {
  if (!isOwnTiff(bytes)) return foreignTiffCanvas(bytes);
  const { width, height, data } = readPictureTiff(bytes);
  const rgba = new Uint8ClampedArray(4 * width * height);
  for (let i = 0, o = 0; i < data.length; i += 3, o += 4) {
    rgba[o] = data[i] >> 8;
    rgba[o + 1] = data[i + 1] >> 8;
    rgba[o + 2] = data[i + 2] >> 8;
    rgba[o + 3] = 255;
  }
  return canvasOf(rgba, width, height);
}

const MAX_PIXELS = 100e6;

function foreignTiffCanvas({ buffer }: Uint8Array<ArrayBuffer>): OffscreenCanvas {
  try {
    const [first] = UTIF.decode(buffer);
    // ImageWidth and ImageLength of the first directory.
    const [width, height] = [first.t256, first.t257].map((tag) => Number((tag as number[])[0]));
    if (!(width > 0 && height > 0 && width * height <= MAX_PIXELS)) throw new RangeError();
    UTIF.decodeImage(buffer, first);
    const rgba = UTIF.toRGBA8(first);
    if (rgba.length !== 4 * width * height) throw new RangeError();
    return canvasOf(new Uint8ClampedArray(rgba), width, height);
  } catch {
    throw new Error('This TIFF is broken, or of a kind that is not supported.');
  }
}
