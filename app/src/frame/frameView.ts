import type { WhitePoint } from '@velmo/core/colour';
import {
  orientationMatrix,
  placeInFile,
  seenSize,
  type DngExif,
  type Orientation,
} from '@velmo/core/files';
import type { RawStatistics } from '@velmo/core/monitor';
import { canvasOf } from '../camera/files/thumbnail';
import { LiveStage } from '../camera/live/liveStage';
import { Surface } from '../camera/live/surface';
import { printed, type FrameMarks } from './frameMarks';

/** What a stored frame holds, read from its file. */
export interface FrameSummary {
  /** Picture size as seen. */
  readonly width: number;
  readonly height: number;
  readonly exif: DngExif;
  /** Pixels per byte value of the developed picture: red, green, blue, luma. */
  readonly picture: Int32Array;
  /** What only a raw tells; null for a developed picture. */
  readonly raw: {
    readonly kind: 'cfa' | 'linear';
    readonly statistics: RawStatistics;
    /** Stops from mid-grey at which the raw clips, and at which noise takes over. */
    readonly clipStops: number;
    readonly floorStops: number;
    /** The light taken as white. */
    readonly white: WhitePoint;
  } | null;
}

/** What a place of a frame holds. */
export type FrameReading =
  | {
      readonly kind: 'raw';
      /** Luminance in stops from mid-grey, and how many the fullest channel is short of clipping. */
      readonly stops: number;
      readonly roomStops: number;
      /** Red, green, blue in stops from mid-grey. */
      readonly channels: readonly [number, number, number];
    }
  | {
      readonly kind: 'picture';
      /** Red, green, blue as bytes of the developed picture. */
      readonly bytes: readonly [number, number, number];
    };

/** What the canvas is to show: the whole frame, or a piece of it photosite by photosite. */
export type Viewport =
  | {
      readonly kind: 'fit';
      readonly width: number;
      readonly height: number;
      /** Pixels of the canvas a CSS pixel. */
      readonly ratio: number;
    }
  | {
      readonly kind: 'full';
      /** Pixels of the canvas a photosite, along each side. */
      readonly scale: 1 | 2;
      /** Centre of the piece, 0..1 of the picture as seen. */
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly height: number;
      readonly ratio: number;
    };

export interface Size {
  readonly width: number;
  readonly height: number;
}

/** A part of a frame in the file's own orientation, in photosites of what is meant to be seen. */
export interface Piece extends Size {
  readonly x: number;
  readonly y: number;
  /** Photosites a pixel along each side; 1, or even. */
  readonly factor: number;
}

/** The whole is made at least so much of the size it is shown in. */
const ENOUGH = 0.8;
/** The whole as it is measured is no longer than this. */
const MEASURED_PX = 1100;

/** A stored frame, decoded and ready to be looked at. */
export abstract class FrameView {
  private surface: Surface | null = null;
  private stage: LiveStage | null = null;
  private whole: { readonly key: string; readonly canvas: OffscreenCanvas } | null = null;

  abstract summary(): FrameSummary;

  /** Reads around a place, 0..1 of the picture as seen. @param radius in photosites */
  read(at: { x: number; y: number }, radius: number): FrameReading {
    return this.readInFile(placeInFile(this.orientation, at), radius);
  }

  /** Size of the part that is meant to be seen, in the file's own orientation. */
  protected abstract readonly size: Size;
  protected abstract readonly orientation: Orientation;
  /** The fewest photosites a pixel of the whole, along each side. */
  protected abstract readonly finest: 1 | 2;
  /** Makes a stage hold a piece: its picture, and what it is made of where that is watched. */
  protected abstract load(stage: LiveStage, piece: Piece, watched: FrameMarks | null): void;
  /** The same for a place 0..1 of the file. */
  protected abstract readInFile(at: { x: number; y: number }, radius: number): FrameReading;

  attach(canvas: OffscreenCanvas): void {
    this.surface = new Surface(canvas);
  }

  /** Draws a viewport; sizes are device pixels of the canvas. */
  show(viewport: Viewport, marks: FrameMarks | null): void {
    const { surface } = this;
    if (!surface || viewport.width < 1 || viewport.height < 1) return;
    const { canvas, context } = surface;
    // Set even where it is the same: that clears it.
    canvas.width = Math.round(viewport.width);
    canvas.height = Math.round(viewport.height);
    if (viewport.kind === 'full') this.showPiece(context, canvas, viewport, marks);
    else this.showWhole(context, canvas, viewport.ratio, marks);
  }

  /** The picture's histogram, of the whole. */
  protected pictureHistogram(): Int32Array {
    const piece = this.wholePiece(MEASURED_PX);
    const stage = this.stageOf(piece);
    this.load(stage, piece, null);
    return stage.pictureHistogram();
  }

  /** A size as it is seen. */
  protected seen(size: Size): Size {
    return seenSize(this.orientation, size);
  }

  /** The whole, about `px` pixels long and no longer than twice that. */
  private wholePiece(px: number): Piece {
    const { width, height } = this.size;
    let factor: number = this.finest;
    while (Math.max(width, height) / (factor < 2 ? 2 : factor + 2) >= px)
      factor = factor < 2 ? 2 : factor + 2;
    return { x: 0, y: 0, width, height, factor };
  }

  private stageOf({ width, height, factor }: Piece): LiveStage {
    const [w, h] = [Math.floor(width / factor), Math.floor(height / factor)];
    if (this.stage?.width !== w || this.stage.height !== h) this.stage = new LiveStage(w, h);
    return this.stage;
  }

  /** @param scale CSS pixels a pixel of the piece */
  private painted(piece: Piece, marks: FrameMarks | null, scale: number): OffscreenCanvas {
    const stage = this.stageOf(piece);
    this.load(stage, piece, marks);
    if (marks) stage.print(printed(marks, scale));
    return canvasOf(stage.picture.data, stage.width, stage.height);
  }

  private showWhole(
    context: OffscreenCanvasRenderingContext2D,
    canvas: OffscreenCanvas,
    ratio: number,
    marks: FrameMarks | null,
  ): void {
    const { width, height } = this.seen(this.size);
    const scale = Math.min(canvas.width / width, canvas.height / height);
    const piece = this.wholePiece(ENOUGH * scale * Math.max(width, height));
    const key = JSON.stringify([piece.factor, marks, marks && scale / ratio]);
    if (this.whole?.key !== key)
      this.whole = { key, canvas: this.painted(piece, marks, (scale * piece.factor) / ratio) };
    context.imageSmoothingEnabled = true;
    this.draw(
      context,
      this.whole.canvas,
      scale * piece.factor,
      (canvas.width - width * scale) / 2,
      (canvas.height - height * scale) / 2,
    );
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
    context.transform(...orientationMatrix(this.orientation, source));
    context.drawImage(source, 0, 0);
    context.restore();
  }

  private showPiece(
    context: OffscreenCanvasRenderingContext2D,
    canvas: OffscreenCanvas,
    viewport: { x: number; y: number; scale: 1 | 2; ratio: number },
    marks: FrameMarks | null,
  ): void {
    const { width, height } = this.size;
    const { scale, ratio } = viewport;
    const piece = this.seen({
      width: Math.ceil(canvas.width / scale),
      height: Math.ceil(canvas.height / scale),
    });
    const w = Math.min(width, piece.width);
    const h = Math.min(height, piece.height);
    const centre = placeInFile(this.orientation, viewport);
    const place = (c: number, size: number, whole: number): number =>
      Math.round(Math.min(whole - size, Math.max(0, c * whole - size / 2)));
    const source = this.painted(
      {
        x: place(centre.x, w, width),
        y: place(centre.y, h, height),
        width: w,
        height: h,
        factor: 1,
      },
      marks,
      scale / ratio,
    );
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
