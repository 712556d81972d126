import {
  boxInFile,
  orientationMatrix,
  placeInFile,
  seenSize,
  turned,
  type Orientation,
} from '@velmo/core/files';
import type { PixelBox } from '@velmo/core/optics';
import { framedBox, placeTaken, turnedSize, type Reframe } from '@velmo/core/recipe';
import type { Size } from './shownPicture';

interface Place {
  readonly x: number;
  readonly y: number;
}

/** Photosites beside a straightened piece that are needed to interpolate its edge. */
const MARGIN = 2;

/** The way between a frame's file and what is seen of it. */
export class Framing {
  private readonly taken: Size;
  private readonly box: PixelBox;

  /** @param size of what is meant to be seen, in the file's own orientation */
  constructor(
    private readonly size: Size,
    private readonly orientation: Orientation,
    private readonly reframe: Reframe,
  ) {
    this.taken = seenSize(orientation, size);
    this.box = framedBox(reframe, this.taken);
  }

  /** Pixels that are seen. */
  get width(): number {
    return this.box.width;
  }

  get height(): number {
    return this.box.height;
  }

  /** Photosites are drawn between one another. */
  get isTilted(): boolean {
    return this.reframe.tilt !== 0;
  }

  /** Where in the file lies what is seen at a place; both 0..1. */
  placeInFile({ x, y }: Place): Place {
    const at = placeTaken(this.reframe, this.taken, {
      x: x * this.box.width,
      y: y * this.box.height,
    });
    const { width, height } = this.taken;
    return placeInFile(this.orientation, { x: at.x / width, y: at.y / height });
  }

  /** The part of the file that holds what is seen in a box; in pixels. */
  boxInFile({ x, y, width, height }: PixelBox): PixelBox {
    const margin = this.isTilted ? MARGIN : 0;
    const corners = [
      { x, y },
      { x: x + width, y },
      { x, y: y + height },
      { x: x + width, y: y + height },
    ].map((corner) => placeTaken(this.reframe, this.taken, corner));
    const span = (values: number[], whole: number): [number, number] => {
      const from = Math.max(0, Math.floor(Math.min(...values) + ROUNDED) - margin);
      const to = Math.min(whole, Math.ceil(Math.max(...values) - ROUNDED) + margin);
      return [from, Math.max(1, to - from)];
    };
    const [left, across] = span(
      corners.map((c) => c.x),
      this.taken.width,
    );
    const [top, down] = span(
      corners.map((c) => c.y),
      this.taken.height,
    );
    const box = { x: left, y: top, width: across, height: down };
    return boxInFile(this.orientation, this.size, box);
  }

  /** From here on pixels of the file are drawn where they are seen, the first one seen at 0, 0. */
  transform(context: OffscreenCanvasRenderingContext2D): void {
    const { quarters, tilt } = this.reframe;
    const { width, height } = turnedSize(this.taken, quarters);
    context.translate(-this.box.x, -this.box.y);
    if (tilt !== 0) {
      context.translate(width / 2, height / 2);
      context.rotate((tilt / 1800) * Math.PI);
      context.translate(-width / 2, -height / 2);
    }
    context.transform(...orientationMatrix(turned(this.orientation, quarters), this.size));
  }
}

/** What is lost to rounding on the way is no pixel. */
const ROUNDED = 1e-6;
