import { encodeBand } from '../dng/encodeBand';
import { TILE_HEIGHT, TILE_WIDTH } from '../dng/tiling';
import { renderScene } from '../scene/render';
import { binMosaic } from '../sensor/binMosaic';
import { exposeMosaic } from '../sensor/exposeMosaic';
import { createLightPlane } from '../sensor/lightPlane';
import { electronsPerLuminance } from '../sensor/sensorModel';
import { tentBlur } from './lensBlur';
import type { SimulatedPlan } from './simulatedPlan';

/** What a band of the sensor gave: compressed tiles and its rows of the preview. */
export interface CapturedBand {
  readonly tiles: Uint8Array[];
  /** Raw-scaled RGB of the preview's rows. */
  readonly previewRaw: Uint16Array;
}

/** Called between stages, so that a caller with a clock can time them. */
export type StageListener = (stage: 'light' | 'sensor' | 'compress') => void;

const PRECISION = 16;

/** Rows of a band: tile high, less at the bottom. */
export const bandRows = (plan: SimulatedPlan, band: number): number =>
  Math.min(TILE_HEIGHT, plan.height - band * TILE_HEIGHT);

/** The raw values of one band, `width * rows`. */
export function exposeBand(
  plan: SimulatedPlan,
  band: number,
  onStage: StageListener = () => {},
): Uint16Array {
  const { width, lens, scene, framing, response, binning, timeS } = plan;
  const rows = bandRows(plan, band);
  const firstRow = band * TILE_HEIGHT;
  const plane = createLightPlane(width, rows + 2);
  renderScene(scene, framing, firstRow - 1, plane, lens.sensor.xyzToCamera, binning === 1 ? 1 : 2);
  const light = new Float32Array(3 * width * rows);
  tentBlur(plane.rgb, width, rows, light);
  onStage('light');
  const raw = new Uint16Array(width * rows);
  exposeMosaic(
    light,
    width,
    rows,
    firstRow,
    {
      response,
      electronsPerLight: electronsPerLuminance(lens.sensor, binning, timeS, lens.fNumber),
      seed: plan.shot.seed,
    },
    raw,
  );
  onStage('sensor');
  return raw;
}

/** Exposes and compresses one band. Bands are independent: any worker may take any of them. */
export function captureBand(
  plan: SimulatedPlan,
  band: number,
  onStage: StageListener = () => {},
): CapturedBand {
  const rows = bandRows(plan, band);
  const raw = exposeBand(plan, band, onStage);
  const tiles = encodeBand(
    { data: raw, width: plan.width, rows, samplesPerPixel: 1, precision: PRECISION },
    TILE_WIDTH,
    TILE_HEIGHT,
  );
  const f = plan.previewFactor;
  const previewRaw = new Uint16Array(3 * (plan.width / f) * (rows / f));
  binMosaic(raw, plan.width, rows, f, previewRaw);
  onStage('compress');
  return { tiles, previewRaw };
}
