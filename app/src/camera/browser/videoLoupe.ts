import type { PicturePoint } from '@velmo/core/exposure';
import { sharpnessOf } from '@velmo/core/monitor';
import type { VideoSource } from './browserLive';
import type { LoupeReading } from '../device/readings';
import type { LoupeView } from '../device/view';
import { Surface } from '../live/surface';

/** Rounding to eight bits is all that is known of a video frame's noise. */
const EIGHT_BITS = {
  saturationE: 255,
  readNoiseE: 1,
  electronsPerDn: 1e6,
  prnu: 0,
  blackLevel: 0,
  whiteLevel: 255,
};

/** The loupe of a browser camera: a piece of its video frame, pixel by pixel. */
export class VideoLoupe {
  private surface: Surface | null = null;
  private view: LoupeView | null = null;

  attach(canvas: OffscreenCanvas): void {
    this.surface = new Surface(canvas);
  }

  look(view: LoupeView | null): void {
    this.view = view;
    if (!view) this.surface?.blank();
  }

  /** @param inFrame turns a place in the Window into one in the frame */
  draw(
    frame: VideoSource,
    { width, height }: { width: number; height: number },
    inFrame: (at: PicturePoint) => PicturePoint,
  ): LoupeReading | null {
    const { surface, view } = this;
    if (!surface || !view) return null;
    const size = Math.min(view.photosites, width, height) & ~1;
    surface.resize(size, size);
    const middle = inFrame(view.at);
    const left = Math.max(0, Math.min(width - size, Math.round(middle.x * width - size / 2)));
    const top = Math.max(0, Math.min(height - size, Math.round(middle.y * height - size / 2)));
    const { context } = surface;
    // The whole frame, of which the canvas shows a piece: WebKit takes no piece out of a
    // VideoFrame.
    context.drawImage(frame, -left, -top, width, height);
    const { data } = context.getImageData(0, 0, size, size);
    const green = new Uint16Array(size * size);
    for (let i = 0; i < green.length; i++) green[i] = data[4 * i + 1];
    const { detail, sure } = sharpnessOf(green, size, size, EIGHT_BITS);
    return { at: view.at, detail, sure };
  }
}
