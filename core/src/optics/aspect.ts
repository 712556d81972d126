/** Shapes a picture can be cut to. */
export const ASPECT_RATIOS = ['4:3', '3:2', '16:9', '1:1'] as const;
export type AspectRatio = (typeof ASPECT_RATIOS)[number];

/** Long side over short side. */
export function aspectValue(aspect: AspectRatio): number {
  const [long, short] = aspect.split(':').map(Number);
  return long / short;
}

/** A rectangle in pixels. */
export interface PixelBox {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

const evenBelow = (v: number): number => 2 * Math.floor(v / 2);

/**
 * The largest box of a shape in the middle of a frame lying on its long side; corners on even
 * photosites, so that the colour filter pattern begins as it does in the whole.
 */
export function aspectBox(width: number, height: number, aspect: AspectRatio): PixelBox {
  const ratio = aspectValue(aspect);
  if (aspect === '4:3') return { x: 0, y: 0, width, height };
  const w = evenBelow(Math.min(width, height * ratio));
  const h = evenBelow(Math.min(height, width / ratio));
  return { x: evenBelow((width - w) / 2), y: evenBelow((height - h) / 2), width: w, height: h };
}
