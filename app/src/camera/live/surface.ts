/**
 * An opaque canvas and its one context. Firefox refuses to give the context of a canvas that a page
 * has handed to a worker a second time: it is asked for once and kept. Pixels are put there or read
 * back, never drawn by a GPU, so they stay in memory (in WebKit 23 pictures a second became 26).
 */
export class Surface {
  readonly context: OffscreenCanvasRenderingContext2D;

  constructor(readonly canvas: OffscreenCanvas) {
    this.context = canvas.getContext('2d', { willReadFrequently: true, alpha: false })!;
  }

  /** Sets its size where it is another; what was drawn is gone then. */
  resize(width: number, height: number): void {
    const { canvas } = this;
    if (canvas.width === width && canvas.height === height) return;
    canvas.width = width;
    canvas.height = height;
  }

  /** Shows nothing. */
  blank(): void {
    this.context.fillRect(0, 0, this.canvas.width, this.canvas.height);
  }

  /** Shows a picture in its own size. */
  show(picture: ImageData): void {
    this.resize(picture.width, picture.height);
    this.context.putImageData(picture, 0, 0);
  }
}
