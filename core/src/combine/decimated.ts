import type { RawFile } from '../files/rawFile';
import type { StackRaw } from './stackRaw';

/** A frame with fewer photosites, and what its file would say of them. */
export interface Decimated {
  readonly file: RawFile;
  readonly frame: StackRaw;
}

/**
 * A frame made small for a first look: of every so many squares of a mosaic (pixels of others) one,
 * its noise and its levels as they are.
 *
 * @param longPx its longer side, at most, but for what is left of a square
 */
export function decimated(file: RawFile, frame: StackRaw, longPx: number): Decimated {
  const { data, width, height, samplesPerPixel } = frame;
  const unit = file.raw.kind === 'cfa' ? 2 : 1;
  const step = Math.ceil(Math.max(width, height) / longPx);
  if (step <= 1) return { file, frame };
  const [columns, rows] = [width, height].map((side) =>
    Math.max(1, Math.floor(side / (unit * step))),
  );
  const small = { width: columns * unit, height: rows * unit };
  const out = new Uint16Array(small.width * small.height * samplesPerPixel);
  const n = unit * samplesPerPixel;
  for (let y = 0, o = 0; y < small.height; y++) {
    const from = (Math.floor(y / unit) * unit * step + (y % unit)) * width * samplesPerPixel;
    for (let c = 0, i = from; c < columns; c++, i += n * step)
      for (let k = 0; k < n; k++, o++) out[o] = data[i + k];
  }
  const smaller = (v: number): number => unit * Math.floor(v / (unit * step));
  const { crop } = file.raw;
  const raw = {
    ...file.raw,
    ...small,
    crop: {
      x: smaller(crop.x),
      y: smaller(crop.y),
      width: Math.max(unit, Math.min(smaller(crop.width), small.width)),
      height: Math.max(unit, Math.min(smaller(crop.height), small.height)),
    },
  };
  return { file: { ...file, raw }, frame: { ...frame, ...small, data: out } };
}
