import { readPictureExif, readPictureTiff, type DngExif } from '@velmo/core/files';
import { canvasOf } from '../camera/files/thumbnail';
import { MIME_TYPES } from '../storage/save';
import { FrameView, type FrameSummary } from './frameView';

type PictureKind = 'jpeg' | 'png' | 'tiff';

/** A stored developed picture: JPEG, PNG or TIFF. It stands upright and holds no raw. */
export class PictureView extends FrameView {
  protected readonly turned = false;

  private constructor(
    private readonly whole: OffscreenCanvas,
    private readonly exif: DngExif,
  ) {
    super();
  }

  /** Rejects with a sentence when the picture cannot be decoded. */
  static async of(kind: PictureKind, bytes: Uint8Array<ArrayBuffer>): Promise<PictureView> {
    const exif = readPictureExif(kind, bytes);
    return new PictureView(kind === 'tiff' ? tiffCanvas(bytes) : await decoded(kind, bytes), exif);
  }

  summary(): FrameSummary {
    return { ...this.size, exif: this.exif, raw: null };
  }

  protected get size() {
    return { width: this.whole.width, height: this.whole.height };
  }

  protected renderFit(): OffscreenCanvas {
    return this.whole;
  }

  protected piece(x: number, y: number, width: number, height: number): OffscreenCanvas {
    const canvas = new OffscreenCanvas(width, height);
    canvas.getContext('2d')!.drawImage(this.whole, -x, -y);
    return canvas;
  }
}

async function decoded(
  kind: 'jpeg' | 'png',
  bytes: Uint8Array<ArrayBuffer>,
): Promise<OffscreenCanvas> {
  const blob = new Blob([bytes], { type: MIME_TYPES[kind] });
  const bitmap = await createImageBitmap(blob).catch(() => {
    throw new Error(
      'The browser could not decode this picture: its file is broken. It is still stored, and can be saved as it is.',
    );
  });
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0);
  bitmap.close();
  return canvas;
}

function tiffCanvas(bytes: Uint8Array): OffscreenCanvas {
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
