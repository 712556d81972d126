import { ALL_FRAMES, type Moved } from '@velmo/core/combine';

/** Distance of the hatch's lines, in pixels of the picture. */
const HATCH_PX = 10;
const HATCH = 'rgba(237,232,220,0.85)';

/** Lines that lie over a place where one frame is taken alone. */
function hatch(): OffscreenCanvas {
  const tile = new OffscreenCanvas(HATCH_PX, HATCH_PX);
  const context = tile.getContext('2d')!;
  context.strokeStyle = HATCH;
  context.lineWidth = 1.5;
  context.beginPath();
  for (const from of [-HATCH_PX, 0, HATCH_PX]) {
    context.moveTo(from, HATCH_PX);
    context.lineTo(from + HATCH_PX, 0);
  }
  context.stroke();
  return tile;
}

/**
 * Where one frame is taken alone, hatched; where something moved and all are merged, dimmed only:
 * a picture of the raw's crop, as large as is asked for.
 *
 * @param raw size of the raw in photosites
 * @param crop the part that is seen, in photosites
 */
export function movedMask(
  moved: Moved,
  crop: { readonly x: number; readonly y: number; readonly width: number; readonly height: number },
  width: number,
  height: number,
): OffscreenCanvas {
  const { cell, columns, rows, labels, regions } = moved;
  const cells = new ImageData(columns, rows);
  for (let i = 0; i < labels.length; i++) {
    const label = labels[i];
    if (label === 0) continue;
    cells.data[4 * i + 3] = regions[label - 1].frame === ALL_FRAMES ? 60 : 255;
  }
  const small = new OffscreenCanvas(columns, rows);
  small.getContext('2d')!.putImageData(cells, 0, 0);
  const mask = new OffscreenCanvas(width, height);
  const context = mask.getContext('2d')!;
  context.imageSmoothingEnabled = false;
  const scale = width / crop.width;
  const side = cell * scale;
  context.drawImage(small, -crop.x * scale, -crop.y * scale, columns * side, rows * side);
  context.globalCompositeOperation = 'source-in';
  context.fillStyle = context.createPattern(hatch(), 'repeat')!;
  context.fillRect(0, 0, width, height);
  return mask;
}
