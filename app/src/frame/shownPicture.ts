import { seenSize, type Orientation } from '@velmo/core/files';
import type { PixelBox } from '@velmo/core/optics';
import type { Development, Reframe } from '@velmo/core/recipe';
import { canvasOf } from '../camera/files/thumbnail';
import { LiveStage } from '../camera/live/liveStage';
import { Surface } from '../camera/live/surface';
import { printed, type FrameMarks } from './frameMarks';
import { Framing } from './framing';

/** Width and height in pixels. */
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
  /** How the frame is seen: what is said of it is of what is seen then. */
  readonly reframe: Reframe;
  /** How its raw is developed; null: as the file asks. */
  readonly development: Development | null;
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
  protected abstract load(
    stage: LiveStage,
    piece: Piece,
    watched: FrameMarks | null,
    development: Development | null,
  ): void;

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
    const framing = this.framing(viewport.reframe);
    if (viewport.kind === 'full') this.showPiece(surface, framing, viewport, marks);
    else this.showWhole(context, canvas, framing, viewport, marks);
  }

  protected framing(reframe: Reframe): Framing {
    return new Framing(this.size, this.orientation, reframe);
  }

  /** What is drawn of the whole is made anew the next time. */
  protected changed(): void {
    this.whole = null;
  }

  /** A size as it is seen. */
  protected seen(size: Size): Size {
    return seenSize(this.orientation, size);
  }

  /** All of the frame, about `px` pixels long and no longer than twice that, on a stage. */
  protected stagedWhole(
    px: number,
    marks: FrameMarks | null,
    development: Development | null = null,
  ): { stage: LiveStage; piece: Piece } {
    const piece = this.pieceAbout({ x: 0, y: 0, ...sizeOf(this.size) }, px);
    const stage = this.stageOf(piece);
    this.load(stage, piece, marks, development);
    return { stage, piece };
  }

  /** A part of the file, coarse enough to be about `px` pixels long. */
  private pieceAbout({ x, y, width, height }: PixelBox, px: number): Piece {
    let factor: number = this.finest;
    const next = (): number => (factor < 2 ? 2 : factor + 2);
    while (Math.max(width, height) / next() >= px) factor = next();
    // Whole pixels, as far as the file goes.
    const whole = (length: number, most: number): number =>
      Math.min(most, factor * Math.ceil(length / factor));
    return {
      x,
      y,
      width: whole(width, this.size.width - x),
      height: whole(height, this.size.height - y),
      factor,
    };
  }

  private stageOf({ width, height, factor }: Piece): LiveStage {
    const [w, h] = [Math.floor(width / factor), Math.floor(height / factor)];
    if (this.stage?.width !== w || this.stage.height !== h) this.stage = new LiveStage(w, h);
    return this.stage;
  }

  /** @param scale CSS pixels a pixel of the piece */
  protected painted(
    piece: Piece,
    marks: FrameMarks | null,
    scale: number,
    development: Development | null = null,
  ): OffscreenCanvas {
    const stage = this.stageOf(piece);
    this.load(stage, piece, marks, development);
    if (marks) stage.print(printed(marks, scale));
    return canvasOf(stage.picture.data, stage.width, stage.height);
  }

  private showWhole(
    context: OffscreenCanvasRenderingContext2D,
    canvas: OffscreenCanvas,
    framing: Framing,
    { ratio, moved, development }: Viewport,
    marks: FrameMarks | null,
  ): void {
    const { width, height } = framing;
    const scale = Math.min(canvas.width / width, canvas.height / height);
    const inFile = framing.boxInFile({ x: 0, y: 0, width, height });
    const piece = this.pieceAbout(inFile, ENOUGH * scale * Math.max(inFile.width, inFile.height));
    const key = JSON.stringify([piece, marks, marks && scale / ratio, development]);
    if (this.whole?.key !== key)
      this.whole = {
        key,
        canvas: this.painted(piece, marks, (scale * piece.factor) / ratio, development),
      };
    context.imageSmoothingEnabled = true;
    const left = (canvas.width - width * scale) / 2 - moved.x * width * scale;
    const top = (canvas.height - height * scale) / 2 - moved.y * height * scale;
    draw(context, framing, piece, this.whole.canvas, { scale, left, top });
  }

  private showPiece(
    { canvas, context }: Surface,
    framing: Framing,
    viewport: Viewport & { readonly kind: 'full' },
    marks: FrameMarks | null,
  ): void {
    const { scale, ratio, moved, development } = viewport;
    const { width, height } = framing;
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
    const piece = { ...framing.boxInFile(box), factor: 1 };
    const source = this.painted(piece, marks, scale / ratio, development);
    // Photosites are shown as they are.
    context.imageSmoothingEnabled = scale === 1 || framing.isTilted;
    draw(context, framing, piece, source, { scale, left: -left * scale, top: -top * scale });
  }
}

const sizeOf = ({ width, height }: Size): Size => ({ width, height });

/** Where what is seen lies on a canvas, and how large. */
interface Laid {
  readonly scale: number;
  readonly left: number;
  readonly top: number;
}

/** Draws a piece of a file where it is seen, and nothing beside what is seen. */
function draw(
  context: OffscreenCanvasRenderingContext2D,
  framing: Framing,
  { x, y, factor }: Piece,
  source: OffscreenCanvas,
  { scale, left, top }: Laid,
): void {
  context.save();
  context.translate(left, top);
  context.scale(scale, scale);
  context.beginPath();
  context.rect(0, 0, framing.width, framing.height);
  context.clip();
  framing.transform(context);
  context.translate(x, y);
  context.scale(factor, factor);
  context.drawImage(source, 0, 0);
  context.restore();
}
