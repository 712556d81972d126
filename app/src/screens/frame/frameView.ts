import { createDeveloper, developRgb, whiteFromNeutral, type Developer } from '@velmo/core/colour';
import { decodeRaw, readDng, type DngExif, type DngFile } from '@velmo/core/dng';
import { rawStatistics, type RawStatistics } from '@velmo/core/monitor';
import { binMosaic, demosaicMalvar } from '@velmo/core/sensor';

/** What a stored frame holds, read from its file. */
export interface FrameSummary {
  readonly kind: 'cfa' | 'linear';
  /** Picture size as seen. */
  readonly width: number;
  readonly height: number;
  readonly statistics: RawStatistics;
  /** Stops from mid-grey at which the raw clips. */
  readonly clipStops: number;
  readonly exif: DngExif;
}

/** What the canvas is to show: the whole frame, or a piece of it at one photosite a pixel. */
export type Viewport =
  | { readonly kind: 'fit'; readonly width: number; readonly height: number }
  | {
      readonly kind: 'full';
      /** Centre of the piece, 0..1 of the picture as seen. */
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly height: number;
    };

/** Scene-linear mid-grey after BaselineExposure. */
const MID_GREY = 0.18;
/** Linear RGB is brought to 12 bits for the developer's tables. */
const LINEAR_SHIFT = 4;

/** A stored DNG, decoded and ready to be looked at. */
export class FrameView {
  private canvas: OffscreenCanvas | null = null;
  private fit: OffscreenCanvas | null = null;
  private readonly developer: Developer;

  private constructor(
    private readonly dng: DngFile,
    private readonly raw: Uint16Array,
  ) {
    const linear = dng.raw.kind === 'linear';
    this.developer = createDeveloper({
      xyzToCamera: dng.xyzToCamera,
      white: whiteFromNeutral(dng.xyzToCamera, dng.asShotNeutral),
      blackLevel: linear ? dng.raw.blackLevel >> LINEAR_SHIFT : dng.raw.blackLevel,
      whiteLevel: linear ? dng.raw.whiteLevel >> LINEAR_SHIFT : dng.raw.whiteLevel,
      baselineExposure: dng.baselineExposure,
    });
  }

  /** Throws DngError when the bytes are no DNG we can read. */
  static of(bytes: Uint8Array): FrameView {
    const dng = readDng(bytes);
    return new FrameView(dng, decodeRaw(dng));
  }

  summary(): FrameSummary {
    const { raw, exif } = this.dng;
    const turned = this.turned;
    // Extended ISO lies below base: its mid-grey stands higher in the same raw (BaselineExposure tells).
    const midGreyShare = MID_GREY / 2 ** this.dng.baselineExposure;
    return {
      kind: raw.kind,
      width: turned ? raw.height : raw.width,
      height: turned ? raw.width : raw.height,
      statistics: rawStatistics(this.raw, raw.width, raw.samplesPerPixel, {
        blackLevel: raw.blackLevel,
        whiteLevel: raw.whiteLevel,
        midGreyShare,
      }),
      clipStops: Math.log2(1 / midGreyShare),
      exif,
    };
  }

  attach(canvas: OffscreenCanvas): void {
    this.canvas = canvas;
  }

  /** Draws a viewport; sizes are device pixels of the canvas. */
  show(viewport: Viewport): void {
    const { canvas } = this;
    if (!canvas || viewport.width < 1 || viewport.height < 1) return;
    canvas.width = Math.round(viewport.width);
    canvas.height = Math.round(viewport.height);
    const source = viewport.kind === 'fit' ? (this.fit ??= this.renderFit()) : null;
    const context = canvas.getContext('2d')!;
    if (source) {
      const { width, height } = this.seen(source.width, source.height);
      const scale = Math.min(canvas.width / width, canvas.height / height);
      this.draw(
        context,
        source,
        scale,
        (canvas.width - width * scale) / 2,
        (canvas.height - height * scale) / 2,
      );
      return;
    }
    if (viewport.kind === 'full') this.showPiece(context, canvas, viewport);
  }

  private get turned(): boolean {
    return this.dng.orientation === 6;
  }

  private seen(width: number, height: number): { width: number; height: number } {
    return this.turned ? { width: height, height: width } : { width, height };
  }

  /** Draws pixels in raw order the way they are to be seen, top left at (left, top). */
  private draw(
    context: OffscreenCanvasRenderingContext2D,
    source: OffscreenCanvas,
    scale: number,
    left: number,
    top: number,
  ): void {
    context.save();
    context.translate(left, top);
    context.scale(scale, scale);
    if (this.turned) {
      context.translate(source.height, 0);
      context.rotate(Math.PI / 2);
    }
    context.drawImage(source, 0, 0);
    context.restore();
  }

  private renderFit(): OffscreenCanvas {
    const { width, height, kind } = this.dng.raw;
    if (kind === 'linear') return this.piece(0, 0, width, height);
    const factor = width > 2100 ? 4 : 2;
    const w = Math.floor(width / factor);
    const h = Math.floor(height / factor);
    const rgb = new Uint16Array(3 * w * h);
    binMosaic(this.raw.subarray(0, width * h * factor), width, h * factor, factor, rgb);
    return this.developed(rgb, w, h);
  }

  private showPiece(
    context: OffscreenCanvasRenderingContext2D,
    canvas: OffscreenCanvas,
    viewport: { x: number; y: number },
  ): void {
    const { width, height } = this.dng.raw;
    const piece = this.seen(canvas.width, canvas.height);
    const w = Math.min(width, piece.width);
    const h = Math.min(height, piece.height);
    // Orientation 6: the picture's x runs down the raw's rows backwards, its y along the columns.
    const cx = this.turned ? viewport.y : viewport.x;
    const cy = this.turned ? 1 - viewport.x : viewport.y;
    const place = (c: number, size: number, whole: number): number =>
      Math.round(Math.min(whole - size, Math.max(0, c * whole - size / 2)));
    const source = this.piece(place(cx, w, width), place(cy, h, height), w, h);
    const seen = this.seen(w, h);
    this.draw(
      context,
      source,
      1,
      Math.round((canvas.width - seen.width) / 2),
      Math.round((canvas.height - seen.height) / 2),
    );
  }

  /** A piece of the raw at full resolution. */
  private piece(x: number, y: number, width: number, height: number): OffscreenCanvas {
    const { raw } = this.dng;
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
    const image = new ImageData(width, height);
    developRgb(rgb, this.developer, image.data);
    const canvas = new OffscreenCanvas(width, height);
    canvas.getContext('2d')!.putImageData(image, 0, 0);
    return canvas;
  }
}
