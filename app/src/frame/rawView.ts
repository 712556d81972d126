import { developRgb, whiteFromNeutral, whitePointOf, type Developer } from '@velmo/core/colour';
import { decodeRaw, dngDeveloper, LINEAR_SHIFT, readDng, type DngFile } from '@velmo/core/files';
import { rawStatistics } from '@velmo/core/monitor';
import { binMosaic, demosaicMalvar } from '@velmo/core/sensor';
import { canvasOf } from '../camera/files/thumbnail';
import { FrameView, type FrameSummary } from './frameView';

/** Scene-linear mid-grey after BaselineExposure. */
const MID_GREY = 0.18;
/** Frames wider than this are shown whole at a quarter of their size, others at half. */
const LARGE_PX = 2100;

/** A stored DNG, decoded. */
export class RawView extends FrameView {
  private readonly developer: Developer;

  private constructor(
    private readonly dng: DngFile,
    private readonly raw: Uint16Array,
  ) {
    super();
    this.developer = dngDeveloper(dng);
  }

  /** Throws DngError when the bytes are no DNG we can read. */
  static of(bytes: Uint8Array): RawView {
    const dng = readDng(bytes);
    return new RawView(dng, decodeRaw(dng));
  }

  summary(): FrameSummary {
    const { raw, exif, profile, asShotNeutral, baselineExposure } = this.dng;
    // Extended ISO lies below base: its mid-grey stands higher in the same raw (BaselineExposure
    // tells).
    const midGreyShare = MID_GREY / 2 ** baselineExposure;
    return {
      ...this.seen(raw.crop),
      exif,
      raw: {
        kind: raw.kind,
        statistics: rawStatistics(this.raw, raw.width, raw.samplesPerPixel, {
          blackLevel: raw.blackLevel,
          whiteLevel: raw.whiteLevel,
          midGreyShare,
        }),
        clipStops: Math.log2(1 / midGreyShare),
        white: whitePointOf(whiteFromNeutral(profile, asShotNeutral)),
      },
    };
  }

  protected get size() {
    return this.dng.raw.crop;
  }

  protected get turned(): boolean {
    return this.dng.orientation === 6;
  }

  protected renderFit(): OffscreenCanvas {
    const { width, height, kind, crop } = this.dng.raw;
    if (kind === 'linear') return this.piece(0, 0, crop.width, crop.height);
    const factor = width > LARGE_PX ? 4 : 2;
    const w = Math.floor(width / factor);
    const h = Math.floor(height / factor);
    const rgb = new Uint16Array(3 * w * h);
    binMosaic(this.raw, width, height, factor, rgb);
    const whole = this.developed(rgb, w, h);
    if (crop.width === width && crop.height === height) return whole;
    const [cw, ch] = [Math.floor(crop.width / factor), Math.floor(crop.height / factor)];
    const cut = new OffscreenCanvas(cw, ch);
    cut
      .getContext('2d')!
      .drawImage(whole, -Math.round(crop.x / factor), -Math.round(crop.y / factor));
    return cut;
  }

  protected piece(left: number, top: number, width: number, height: number): OffscreenCanvas {
    const { raw } = this.dng;
    const [x, y] = [left + raw.crop.x, top + raw.crop.y];
    const rgb = new Uint16Array(3 * width * height);
    if (raw.kind === 'cfa') {
      demosaicMalvar(this.raw, raw.width, raw.height, raw.whiteLevel, { x, y, width, height }, rgb);
    } else {
      for (let row = 0; row < height; row++)
        for (let i = 0; i < 3 * width; i++)
          rgb[3 * row * width + i] = this.raw[3 * ((y + row) * raw.width + x) + i] >> LINEAR_SHIFT;
    }
    return this.developed(rgb, width, height);
  }

  private developed(rgb: Uint16Array, width: number, height: number): OffscreenCanvas {
    const rgba = new Uint8ClampedArray(4 * width * height);
    developRgb(rgb, this.developer, rgba);
    return canvasOf(rgba, width, height);
  }
}
