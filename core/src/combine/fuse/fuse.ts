import { decodeSrgb, encodeSrgb } from '../../colour/srgb';
import type { Plane } from '../pyramid';
import { addExpanded, halvedSmoothly } from '../smoothPyramid';
import { isPartlyUnknown, UNKNOWN, type StackRaw } from '../stackRaw';
import { fusionWeights } from './fusionWeights';

/** A frame's signal as sRGB has it; below 0 where nothing is known. */
function signals(frame: StackRaw, out: Float32Array): void {
  const { data, blackLevel, whiteLevel } = frame;
  const table = new Float32Array(UNKNOWN + 1);
  for (let v = 0; v <= UNKNOWN; v++) {
    const light = (v - blackLevel) / (whiteLevel - blackLevel);
    table[v] = encodeSrgb(Math.min(1, Math.max(0, light)));
  }
  if (isPartlyUnknown(frame)) table[UNKNOWN] = -1;
  for (let i = 0; i < out.length; i++) out[i] = table[data[i]];
}

/** Weights of all frames, adding up to 65535 at every pixel. */
function weightsOf(frames: readonly StackRaw[]): Uint16Array[] {
  const { width, height } = frames[0];
  const rgb = new Float32Array(3 * width * height);
  const own = frames.map((frame) => {
    const weights = new Float32Array(width * height);
    signals(frame, rgb);
    fusionWeights(rgb, width, height, weights);
    return weights;
  });
  const sums = new Float32Array(width * height);
  for (const weights of own) for (let p = 0; p < sums.length; p++) sums[p] += weights[p];
  return own.map((weights) =>
    Uint16Array.from(weights, (w, p) => (sums[p] > 0 ? (65535 * w) / sums[p] + 0.5 : 0)),
  );
}

/** The pyramid of a plane, the plane itself first. */
function pyramidOf(plane: Plane, levels: number): Plane[] {
  const planes = [plane];
  for (let n = 1; n < levels; n++) planes.push(halvedSmoothly(planes[n - 1]));
  return planes;
}

/** Adds one frame's part of every size: its detail there, and at the smallest all that is left. */
function addDetail(sum: Plane[], picture: Plane[], weights: Plane[]): void {
  for (const [n, { data }] of picture.entries()) {
    // What the next size does not hold: this one less it.
    if (n + 1 < picture.length) addExpanded(picture[n + 1], picture[n], -1);
    const [to, weight] = [sum[n].data, weights[n].data];
    for (let i = 0; i < data.length; i++) to[i] += weight[i] * data[i];
  }
}

/**
 * Exposure fusion (Mertens, Kautz and Van Reeth 2007): every pixel from the frames that show it
 * best, mixed size by size over a Laplacian pyramid (Burt and Adelson 1983). For pictures that were
 * developed before: their light is not known, only what they show.
 *
 * @param frames of three samples a pixel, all of one size
 * @param onShare called with the share that is done
 * @returns linear light of `3 * width * height`, 1 is white
 */
export function fuse(frames: readonly StackRaw[], onShare: (share: number) => void): Float32Array {
  const { width, height } = frames[0];
  const weights = weightsOf(frames);
  const levels = Math.max(1, Math.floor(Math.log2(Math.min(width, height))) + 1);
  const light = new Float32Array(3 * width * height);
  const rgb = new Float32Array(3 * width * height);
  const plane = (): Plane => ({ width, height, data: new Float32Array(width * height) });
  for (let c = 0; c < 3; c++) {
    let sum: Plane[] | null = null;
    for (const [k, frame] of frames.entries()) {
      const [channel, weight] = [plane(), plane()];
      signals(frame, rgb);
      for (let p = 0, i = c; p < channel.data.length; p++, i += 3) {
        channel.data[p] = rgb[i] > 0 ? rgb[i] : 0;
        weight.data[p] = weights[k][p] / 65535;
      }
      const picture = pyramidOf(channel, levels);
      sum ??= picture.map((size) => ({ ...size, data: new Float32Array(size.data.length) }));
      addDetail(sum, picture, pyramidOf(weight, levels));
      onShare((c * frames.length + k + 1) / (3 * frames.length));
    }
    for (let n = levels - 1; n > 0; n--) addExpanded(sum![n], sum![n - 1], 1);
    const fused = sum![0].data;
    for (let p = 0, i = c; p < fused.length; p++, i += 3)
      light[i] = decodeSrgb(Math.min(1, Math.max(0, fused[p])));
  }
  return light;
}
