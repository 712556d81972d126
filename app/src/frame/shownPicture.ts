import { boxInFile, orientationMatrix, seenSize, type Orientation } from '@velmo/core/files';
import { canvasOf } from '../camera/files/thumbnail';
import { LiveStage } from '../camera/live/liveStage';
import { Surface } from '../camera/live/surface';
import { printed, type FrameMarks } from './frameMarks';

export interface Size {
  readonly width: number;
  readonly height: number;
}

interface ViewportOf extends Size {
  /** Pixels of the canvas a CSS pixel. */
  readonly ratio: number;
  /**
   * How far what is shown has moved against a frame it is laid on: shares of its sides, as seen.
   */
  readonly moved: { readonly x: number; readonly y: number };
}

/** What the canvas is to show: the whole frame, or a piece of it photosite by photosite. */
export type Viewport =
  | (ViewportOf & { readonly kind: 'fit' })
  | (ViewportOf & {
      readonly kind: 'full';
      /** Pixels of the canvas a photosite, along each side. */
      readonly scale: 1 | 2;
      /** Centre of the piece, 0..1 of the picture as seen. */
      readonly x: number;
      readonly y: number;
    });

/** A part of a frame in the file's own orientation, in photosites of what is meant to be seen. */
export interface Piece extends Size {
  readonly x: number;
  readonly y: number;
  /** Photosites a pixel along each side; 1, or even. */
  readonly factor: number;
}

/** The whole is made at least so much of the size it is shown in. */
const ENOUGH = 0.8;

/** A picture made of photosites, of which a canvas shows the whole or a piece. */
export abstract class ShownPicture {
  private surface: Surface | null = null;
  private stage: LiveStage | null = null;
  private whole: { readonly key: string; readonly canvas: OffscreenCanvas } | null = null;

  /** Size of the part that is meant to be seen, in the file's own orientation. */
  protected abstract readonly size: Size;
  protected abstract readonly orientation: Orientation;
  /** The fewest photosites a pixel of the whole, along each side. */
  protected abstract readonly finest: 1 | 2;
  /** Makes a stage hold a piece: its picture, and what it is made of where that is watched. */
  protected abstract load(stage: LiveStage, piece: Piece, watched: FrameMarks | null): void;

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
    if (viewport.kind === 'full') this.showPiece(surface, viewport, marks);
    else this.showWhole(context, canvas, viewport, marks);
  }

  /** What is drawn of the whole is made anew the next time. */
  protected changed(): void {
    this.whole = null;
  }

  /** A size as it is seen. */
  protected seen(size: Size): Size {
    return seenSize(this.orientation, size);
  }

  /** The whole, about `px` pixels long and no longer than twice that, on a stage. */
  protected stagedWhole(px: number, marks: FrameMarks | null): { stage: LiveStage; piece: Piece } {
    const piece = this.wholePiece(px);
    const stage = this.stageOf(piece);
    this.load(stage, piece, marks);
    return { stage, piece };
  }

  private wholePiece(px: number): Piece {
    const { width, height } = this.size;
    let factor: number = this.finest;
    const next = (): number => (factor < 2 ? 2 : factor + 2);
    while (Math.max(width, height) / next() >= px) factor = next();
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
    { ratio, moved }: Viewport,
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
      (canvas.width - width * scale) / 2 - moved.x * width * scale,
      (canvas.height - height * scale) / 2 - moved.y * height * scale,
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
    { canvas, context }: Surface,
    viewport: Viewport & { readonly kind: 'full' },
    marks: FrameMarks | null,
  ): void {
    const { scale, ratio, moved } = viewport;
    const { width, height } = this.seen(this.size);
    // Photosites that are seen; some may lie beside the picture.
    const [across, down] = [Math.ceil(canvas.width / scale), Math.ceil(canvas.height / scale)];
    const left = Math.round((viewport.x + moved.x) * width - across / 2);
    const top = Math.round((viewport.y + moved.y) * height - down / 2);
    const [x, y] = [Math.max(0, left), Math.max(0, top)];
    const box = {
      x,
      y,
      width: Math.min(width, left + across) - x,
      height: Math.min(height, top + down) - y,
    };
    if (box.width < 1 || box.height < 1) return;
    const piece = { ...boxInFile(this.orientation, this.size, box), factor: 1 };
    const source = this.painted(piece, marks, scale / ratio);
    // Photosites are shown as they are.
    context.imageSmoothingEnabled = scale === 1;
    this.draw(context, source, scale, (x - left) * scale, (y - top) * scale);
  }
}
