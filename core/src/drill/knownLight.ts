import { lightFieldOf } from '../scene/lightField';
import { renderScene } from '../scene/render';
import { CFA_RGGB } from '../sensor/sensorModel';
import { createLightPlane } from '../sensor/lightPlane';
import { tentBlur } from '../simulate/lensBlur';
import { sceneResponse } from '../simulate/sceneResponse';
import type { SimulatedPlan } from '../simulate/simulatedPlan';
import type { RegionBox } from './region';

/**
 * The light that fell on a region's photosites, as the scene has it: in focus, held still, without
 * noise, behind a lens that is no sharper than it is.
 */
export interface KnownLight {
  readonly size: number;
  /** On each photosite, in its own channel; row by row. */
  readonly mosaic: Float32Array;
  /** The same, sorted. */
  readonly sorted: Float32Array;
  /** Means of red, green and blue over the region. */
  readonly mean: readonly [number, number, number];
  /** Distance along the lens axis of what most of it shows, in metres. */
  readonly distanceM: number;
}

/** Channel of a photosite of an RGGB mosaic. */
export const channelAt = (column: number, row: number): number =>
  CFA_RGGB[2 * (row & 1) + (column & 1)];

/** What moves is known as the mean of so many seconds, however long a shutter was open. */
const MOVING_S = 1;

/** What is known of a region's light in a shot's framing, from when its shutter opened. */
export function knownLight(
  { scene, lens, framing, binning, shot }: SimulatedPlan,
  { column, row, size }: RegionBox,
): KnownLight {
  // A row of margin above and below, for the lens.
  const plane = createLightPlane(size, size + 2, column, row - 1);
  const response = sceneResponse(scene, lens);
  renderScene(scene, framing, plane, response, binning === 1 ? 1 : 2);
  const { startS } = shot;
  lightFieldOf(scene).moving?.paint(framing, plane, response, { startS, timeS: MOVING_S });
  const rgb = new Float32Array(3 * size * size);
  tentBlur(plane.rgb, size, size, rgb);
  const mosaic = new Float32Array(size * size);
  const mean: [number, number, number] = [0, 0, 0];
  for (let y = 0, i = 0; y < size; y++)
    for (let x = 0; x < size; x++, i++) {
      mosaic[i] = rgb[3 * i + channelAt(x, y)];
      for (let c = 0; c < 3; c++) mean[c] += rgb[3 * i + c] / (size * size);
    }
  return {
    size,
    mosaic,
    sorted: mosaic.slice().sort(),
    mean,
    distanceM: plane.depthM.slice().sort()[plane.depthM.length >> 1],
  };
}

/** The light that only a share of the photosites exceed. */
export const lightExceededBy = ({ sorted }: KnownLight, share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor((1 - share) * sorted.length))];
