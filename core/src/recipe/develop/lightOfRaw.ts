import type { Vec3 } from '../../colour/mat3';
import { applyGains } from '../../files/dng/gainField';
import type { DecodedRaw } from '../../files/rawFile';
import type { PixelBox } from '../../optics/aspect';
import { binLinear } from '../../sensor/binLinear';
import { binMosaic } from '../../sensor/binMosaic';
import { mirror } from '../../sensor/demosaic';
import { within, type BandPlanes } from './bandPlanes';

/** A part of what is meant to be seen, in photosites, in the file's own orientation. */
export interface LightPiece extends PixelBox {
  /** Photosites a pixel along each side; 1, or even. */
  readonly factor: number;
}

export const columnsOf = ({ width, factor }: LightPiece): number => Math.floor(width / factor);
export const rowsOf = ({ height, factor }: LightPiece): number => Math.floor(height / factor);

/** Keeps light of which noise has made less than none above 0 while it is demosaiced. */
const PEDESTAL = 1;
/** Columns beside a row that its green is told for and that it is told from: whole vectors. */
const COLUMNS_TOLD = 4;
const COLUMNS_READ = 8;

const inCrop = ({ file }: DecodedRaw, piece: LightPiece): LightPiece => {
  const { crop } = file.raw;
  return { ...piece, x: crop.x + piece.x, y: crop.y + piece.y };
};

/**
 * White-balanced light of a piece seen smaller, or of a raw without a mosaic: shares of the raw's
 * range, each colour times `balance`, interleaved.
 */
export function smallLight(decoded: DecodedRaw, balance: Vec3, piece: LightPiece): Float32Array {
  const { raw } = decoded.file;
  const { factor } = piece;
  const box = inCrop(decoded, piece);
  const out = new Float32Array(3 * columnsOf(piece) * rowsOf(piece));
  if (raw.kind === 'linear') binLinear(decoded.data, raw.width, box, factor, 0, out);
  else binMosaic(decoded.data, raw.width, { ...box, x: box.x & ~1, y: box.y & ~1 }, factor, out);
  const { blackLevel: black, whiteLevel } = raw;
  const scales = balance.map((v) => v / (whiteLevel - black));
  for (let i = 0; i < out.length; i += 3)
    for (let c = 0; c < 3; c++) out[i + c] = (out[i + c] - black) * scales[c];
  if (decoded.gains)
    applyGains(out, decoded.gains, box, factor, { blackLevel: 0, whiteLevel: Infinity });
  return out;
}

/** The same light of a mosaic at full size, in the planes red, green and blue of a band. */
export function fillDemosaiced(
  planes: BandPlanes,
  decoded: DecodedRaw,
  balance: Vec3,
  piece: LightPiece,
): void {
  demosaic(planes, decoded, balance, piece);
  if (!decoded.gains) return;
  const rgb = interleaved(planes);
  const box = inCrop(decoded, piece);
  applyGains(rgb, decoded.gains, box, 1, { blackLevel: 0, whiteLevel: Infinity });
  fillPlanes(planes, rgb);
}

/** Demosaics along edges, as `demosaicDirected` does. */
function demosaic(planes: BandPlanes, decoded: DecodedRaw, balance: Vec3, piece: LightPiece): void {
  const { loops, columns, height, rowAt } = planes;
  const { data } = decoded;
  const { raw } = decoded.file;
  const box = inCrop(decoded, piece);
  const scales = balance.map((v) => v / (raw.whiteLevel - raw.blackLevel));
  const n = columns + 2 * COLUMNS_READ;
  const row = planes.words(rowAt, n);
  const left = box.x - COLUMNS_READ;
  // What lies within the raw is copied, what lies beside it mirrored.
  const from = Math.max(0, left);
  const to = Math.min(raw.width, left + n);
  const told = (plane: 'outRed' | 'outGreen' | 'outBlue', y: number, columnsBeside: number) =>
    planes.row(plane, y) - 4 * columnsBeside;
  for (let y = -3; y < height + 3; y++) {
    const at = within(mirror(box.y + y, raw.height), raw.height);
    row.set(data.subarray(at * raw.width + from, at * raw.width + to), from - left);
    for (let x = left; x < from; x++)
      row[x - left] = data[at * raw.width + within(mirror(x, raw.width), raw.width)];
    for (let x = to; x < left + n; x++)
      row[x - left] = data[at * raw.width + within(mirror(x, raw.width), raw.width)];
    const colour = at & 1;
    const [even, odd] = (left & 1) === 0 ? [colour, colour + 1] : [colour + 1, colour];
    const out = told('outRed', y, COLUMNS_READ);
    loops.mosaicRow(rowAt, n, raw.blackLevel, scales[even], scales[odd], PEDESTAL, out);
  }
  for (let y = -1; y <= height; y++) {
    const [a, b, c, d, e] = [-2, -1, 0, 1, 2].map((k) => told('outRed', y + k, COLUMNS_TOLD));
    const isGreen = ((box.y + y) ^ (box.x - COLUMNS_TOLD)) & 1;
    const green = told('outGreen', y, COLUMNS_TOLD);
    const difference = told('outBlue', y, COLUMNS_TOLD);
    loops.greenRow(a, b, c, d, e, columns + 2 * COLUMNS_TOLD, isGreen, green, difference);
  }
  for (let y = 0; y < height; y++) {
    const [a, b, c] = [-1, 0, 1].map((k) => planes.row('outBlue', y + k));
    const isRed = ((box.y + y) & 1) === 0;
    const own = planes.row(isRed ? 'red' : 'blue', y);
    const other = planes.row(isRed ? 'blue' : 'red', y);
    const green = planes.row('outGreen', y);
    loops.colourRow(a, b, c, green, columns, PEDESTAL, own, planes.row('green', y), other);
  }
}

function interleaved(planes: BandPlanes): Float32Array {
  const { floats, width, height } = planes;
  const rgb = new Float32Array(3 * width * height);
  for (let y = 0, i = 0; y < height; y++) {
    const [r, g, b] = [0, 1, 2].map((c) => planes.row(c, y) >> 2);
    for (let x = 0; x < width; x++, i += 3) {
      rgb[i] = floats[r + x];
      rgb[i + 1] = floats[g + x];
      rgb[i + 2] = floats[b + x];
    }
  }
  return rgb;
}

/** Lays interleaved light into the planes red, green and blue of a band of its size. */
export function fillPlanes(planes: BandPlanes, rgb: Float32Array): void {
  const { floats, width, height } = planes;
  for (let y = 0, i = 0; y < height; y++) {
    const [r, g, b] = [0, 1, 2].map((c) => planes.row(c, y) >> 2);
    for (let x = 0; x < width; x++, i += 3) {
      floats[r + x] = rgb[i];
      floats[g + x] = rgb[i + 1];
      floats[b + x] = rgb[i + 2];
    }
  }
}
