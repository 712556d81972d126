/** Shapes a picture may be cut to later, long side over short side. */
export const FRAME_SHAPES = ['1:1', '5:4', '3:2', '16:9', '2:1'] as const;
export type FrameShape = (typeof FRAME_SHAPES)[number];

/** A box in pixels of the picture as seen. */
export interface FrameBox {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/**
 * The largest box of a shape in the middle of a picture; its long side lies along the picture's.
 */
export function frameBox(shape: FrameShape, width: number, height: number): FrameBox {
  const [long, short] = shape.split(':').map(Number);
  const ratio = width >= height ? long / short : short / long;
  const w = Math.min(width, height * ratio);
  const h = w / ratio;
  return { x: (width - w) / 2, y: (height - h) / 2, width: w, height: h };
}
