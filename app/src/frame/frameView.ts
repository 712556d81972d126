import type { WhitePoint } from '@velmo/core/colour';
import type { DngExif } from '@velmo/core/files';
import type { RawStatistics } from '@velmo/core/monitor';
import { Surface } from '../camera/live/surface';

/** What a stored frame holds, read from its file. */
export interface FrameSummary {
  /** Picture size as seen. */
  readonly width: number;
  readonly height: number;
  readonly exif: DngExif;
  /** What only a raw tells; null for a developed picture. */
  readonly raw: {
    readonly kind: 'cfa' | 'linear';
    readonly statistics: RawStatistics;
    /** Stops from mid-grey at which the raw clips. */
    readonly clipStops: number;
    /** The light taken as white. */
    readonly white: WhitePoint;
  } | null;
}

/** What the canvas is to show: the whole frame, or a piece of it photosite by photosite. */
export type Viewport =
  | { readonly kind: 'fit'; readonly width: number; readonly height: number }
  | {
      readonly kind: 'full';
      /** Pixels of the canvas a photosite, along each side. */
      readonly scale: 1 | 2;
      /** Centre of the piece, 0..1 of the picture as seen. */
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly height: number;
    };

interface Size {
  readonly width: number;
  readonly height: number;
}

/** A stored frame, decoded and ready to be looked at. */
export abstract class FrameView {
  private surface: Surface | null = null;
  private fit: OffscreenCanvas | null = null;

  abstract summary(): FrameSummary;

  /** Size of the part that is meant to be seen, in the file's own orientation. */
  protected abstract readonly size: Size;
  /** The file is to be seen turned by 90 degrees clockwise. */
  protected abstract readonly turned: boolean;
  /** The whole, in any size that fills a screen. */
  protected abstract renderFit(): OffscreenCanvas;
  /** A piece of `size` at full resolution. */
  protected abstract piece(x: number, y: number, width: number, height: number): OffscreenCanvas;

  attach(canvas: OffscreenCanvas): void {
    this.surface = new Surface(canvas);
  }

  /** Draws a viewport; sizes are device pixels of the canvas. */
  show(viewport: Viewport): void {
    const { surface } = this;
    if (!surface || viewport.width < 1 || viewport.height < 1) return;
    const { canvas, context } = surface;
    // Set even where it is the same: that clears it.
    canvas.width = Math.round(viewport.width);
    canvas.height = Math.round(viewport.height);
    if (viewport.kind === 'full') {
      this.showPiece(context, canvas, viewport);
      return;
    }
    context.imageSmoothingEnabled = true;
    const source = (this.fit ??= this.renderFit());
    const { width, height } = this.seen(source);
    const scale = Math.min(canvas.width / width, canvas.height / height);
    this.draw(
      context,
      source,
      scale,
      (canvas.width - width * scale) / 2,
      (canvas.height - height * scale) / 2,
    );
  }

  /** A size as it is seen. */
  protected seen({ width, height }: Size): Size {
    return this.turned ? { width: height, height: width } : { width, height };
  }

  /** Draws pixels in the file's order the way they are to be seen, top left at (left, top). */
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

  private showPiece(
    context: OffscreenCanvasRenderingContext2D,
    canvas: OffscreenCanvas,
    viewport: { x: number; y: number; scale: 1 | 2 },
  ): void {
    const { width, height } = this.size;
    const { scale } = viewport;
    const piece = this.seen({
      width: Math.ceil(canvas.width / scale),
      height: Math.ceil(canvas.height / scale),
    });
    const w = Math.min(width, piece.width);
    const h = Math.min(height, piece.height);
    // Orientation 6: the picture's x runs down the file's rows backwards, its y along the columns.
    const cx = this.turned ? viewport.y : viewport.x;
    const cy = this.turned ? 1 - viewport.x : viewport.y;
    const place = (c: number, size: number, whole: number): number =>
      Math.round(Math.min(whole - size, Math.max(0, c * whole - size / 2)));
    const source = this.piece(place(cx, w, width), place(cy, h, height), w, h);
    const seen = this.seen({ width: w, height: h });
    // Photosites are shown as they are.
    context.imageSmoothingEnabled = scale === 1;
    this.draw(
      context,
      source,
      scale,
      Math.round((canvas.width - scale * seen.width) / 2),
      Math.round((canvas.height - scale * seen.height) / 2),
    );
  }
}
