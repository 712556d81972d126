import { lightFieldOf } from '../scene/lightField';
import { encodeBand } from '../files/dng/encodeBand';
import { TILE_HEIGHT, TILE_WIDTH } from '../files/dng/tiling';
import { blurReachPx } from '../optics/defocus';
import { DefocusBlur } from '../optics/blur/defocusBlur';
import { depthRange } from '../scene/depths';
import { clippedPhotosites } from '../sensor/clippedPhotosites';
import type { LightPlane } from '../sensor/lightPlane';
import { exposeMosaic } from '../sensor/exposeMosaic';
import { electronsPerLuminance } from '../sensor/sensorModel';
import { blurRows } from '../optics/shake/shakeBlur';
import { shakeKernel, type BlurKernel } from '../optics/shake/shakeKernel';
import { pixelAngleRad } from '../optics/zoom';
import { wantsDng, wantsPicture } from '../files/fileKinds';
import { rowShares, striped } from './lampStripes';
import { flashRows } from './flashLight';
import { tentBlur } from './lensBlur';
import { rawLevels } from './rawLevels';
import { sceneResponse } from './sceneResponse';
import type { SimulatedPlan } from './simulatedPlan';
import { previewRows } from './simulatedPreview';
import { isStillBehindLens, stillRows, type StillLight } from './stillLight';

/** What a band of the sensor gave, as far as the files of the shot need it. */
export interface CapturedBand {
  /** Compressed tiles, for a DNG. */
  readonly tiles: Uint8Array[];
  /** Raw values, `width * rows`, for a developed picture. */
  readonly raw: Uint16Array | null;
  /** The preview's rows, developed: RGBA bytes. */
  readonly preview: Uint8ClampedArray;
  /** Photosites at the white level: red, green, blue. */
  readonly clipped: readonly [number, number, number];
}

/** Called between stages, so that a caller with a clock can time them. */
export type StageListener = (
  stage: 'light' | 'defocus' | 'shake' | 'sensor' | 'compress' | 'preview',
) => void;

/** Who listens while a band is made, and where its light is kept. */
interface BandWork {
  readonly band: number;
  readonly onStage: StageListener;
  readonly still: StillLight | null;
  /** Light before the lens that was computed for this band is kept. */
  readonly keeps: boolean;
}

const PRECISION = 16;

/** Rows of a band: tile high, less at the bottom. */
export const bandRows = (plan: SimulatedPlan, band: number): number =>
  Math.min(TILE_HEIGHT, plan.height - band * TILE_HEIGHT);

/** Rows of margin the lens blur reads above and below a band. */
const TENT = 1;

/** Made on the first frame that needs it, and kept: its buffers are large. */
let defocusBlur: DefocusBlur | null = null;

/** Light before the lens on some rows, from the first on. */
type RowsBeforeLens = (top: number, height: number) => LightPlane;

/** The scene's own light, with all that moved while the shutter was open. */
const ambientRows =
  (plan: SimulatedPlan, { still, band, keeps }: BandWork): RowsBeforeLens =>
  (top, height) => {
    const { shot, scene, framing, lens } = plan;
    const plane = still?.rows(plan, band, top, height, keeps) ?? stillRows(plan, top, height);
    lightFieldOf(scene).moving?.paint(framing, plane, sceneResponse(scene, lens), shot);
    return plane;
  };

/** How the camera shakes while a shot's shutter is open; null on a tripod. */
const shakeOf = ({ shot, lens, binning }: SimulatedPlan): BlurKernel | null =>
  shot.steady
    ? null
    : shakeKernel(shot.seed, shot.timeS, shot.stabiliserStops, pixelAngleRad(lens, binning));

/** Rows of margin that lens and hand read above and below a band, behind the lens. */
const behindMargin = (kernel: BlurKernel | null): number => TENT + (kernel?.reach ?? 0);

/** How many rows further the lens spreads light from or to these. */
function lensReach({ scene, framing, defocus }: SimulatedPlan, top: number, height: number) {
  const { nearestM, farthestM } = depthRange(scene, framing, top, height);
  return blurReachPx(defocus, nearestM, farthestM);
}

/** Rows of light before the lens that a band asks for above its own, and below. */
export function bandMargin(plan: SimulatedPlan, band: number): number {
  const margin = behindMargin(shakeOf(plan));
  const height = bandRows(plan, band) + 2 * margin;
  return margin + lensReach(plan, band * TILE_HEIGHT - margin, height);
}

/**
 * Light on the rows of a band and some rows of margin on either side, blurred by its distance from
 * the focus.
 */
function focusedLight(
  plan: SimulatedPlan,
  firstRow: number,
  rows: number,
  margin: number,
  rowsOf: RowsBeforeLens,
  onStage: StageListener,
): Float32Array {
  const { width, defocus } = plan;
  const height = rows + 2 * margin;
  const top = firstRow - margin;
  const reach = lensReach(plan, top, height);
  const plane = rowsOf(top - reach, height + 2 * reach);
  onStage('light');
  if (reach === 0) return plane.rgb;
  const light = new Float32Array(3 * width * height);
  defocusBlur ??= new DefocusBlur();
  defocusBlur.blur(plane, defocus, { column: 0, row: reach, width, height }, reach, light);
  onStage('defocus');
  return light;
}

/**
 * Light on the rows of a band and a row of margin on either side, as it arrives behind a lens that
 * shakes.
 */
function lightOfBand(
  plan: SimulatedPlan,
  firstRow: number,
  rows: number,
  work: BandWork,
): Float32Array {
  const { width } = plan;
  const kernel = shakeOf(plan);
  const margin = behindMargin(kernel);
  const rowsOf = ambientRows(plan, work);
  const light = focusedLight(plan, firstRow, rows, margin, rowsOf, work.onStage);
  if (!kernel) return light;
  const shaken = new Float32Array(3 * width * (rows + 2 * TENT));
  blurRows(light, width, rows + 2 * margin, kernel, margin - TENT, rows + 2 * TENT, shaken);
  return shaken;
}

/** What pulsing lamps give each row of a band, as a share of the mean; null where none pulse. */
function sharesOfBand(plan: SimulatedPlan, band: number): Float32Array | null {
  const { shot, scene, height } = plan;
  if (scene.lampModulation === undefined) return null;
  const firstRow = band * TILE_HEIGHT;
  const shares = rowShares(height, { ...shot, modulation: scene.lampModulation });
  return shares.subarray(firstRow, firstRow + bandRows(plan, band));
}

/**
 * Adds what a flash sends back to the light on a band's rows. It is over before a hand or a lamp
 * has moved: its share is neither shaken nor striped.
 */
function addFlash(
  plan: SimulatedPlan,
  band: number,
  onStage: StageListener,
  light: Float32Array,
): Float32Array {
  const { shot, width } = plan;
  const [firstRow, rows] = [band * TILE_HEIGHT, bandRows(plan, band)];
  const rowsOf: RowsBeforeLens = (top, height) => flashRows(plan, top, height);
  const before = focusedLight(plan, firstRow, rows, TENT, rowsOf, onStage);
  const flash = new Float32Array(light.length);
  tentBlur(before, width, rows, flash);
  for (let i = 0; i < flash.length; i++) flash[i] = light[i] + flash[i] / shot.timeS;
  return flash;
}

/**
 * A band's light without stripes of lamps and without a flash, RGB in camera space, `3 * width *
 * rows`: what is kept, where it is kept.
 */
function steadyLight(
  plan: SimulatedPlan,
  band: number,
  onStage: StageListener,
  still: StillLight | null,
): Float32Array {
  const { width } = plan;
  const rows = bandRows(plan, band);
  const firstRow = band * TILE_HEIGHT;
  const behind = still !== null && isStillBehindLens(plan) ? still : null;
  const work = { band, onStage, still, keeps: !behind };
  const lit = (): Float32Array => {
    const light = new Float32Array(3 * width * rows);
    tentBlur(lightOfBand(plan, firstRow, rows, work), width, rows, light);
    return light;
  };
  return behind ? behind.behindLens(plan, band, lit) : lit();
}

/**
 * The light that one band's photosites are exposed with, before any noise: RGB in camera space,
 * `3 * width * rows`; see `electronsPerLight`.
 *
 * @param still keeps the light for the frames that follow; null: it is computed for this one
 */
export function lightOnBand(
  plan: SimulatedPlan,
  band: number,
  onStage: StageListener = () => {},
  still: StillLight | null = null,
): Float32Array {
  const steady = steadyLight(plan, band, onStage, still);
  const shares = sharesOfBand(plan, band);
  const own = shares ? striped(steady, plan.width, shares) : steady;
  return plan.shot.flash ? addFlash(plan, band, onStage, own) : own;
}

/** Electrons a photosite gathers for a unit of light. */
export const electronsPerLight = ({ lens, binning, shot }: SimulatedPlan): number =>
  electronsPerLuminance(lens.sensor, binning, shot.timeS, lens.fNumber) / 2 ** shot.filterStops;

/** The raw values of one band, `width * rows`; see `lightOnBand`. */
export function exposeBand(
  plan: SimulatedPlan,
  band: number,
  onStage: StageListener = () => {},
  still: StillLight | null = null,
): Uint16Array {
  const { width, response, shot } = plan;
  const rows = bandRows(plan, band);
  // A flash is over before a lamp has pulsed: beside it the stripes lie in the light itself.
  const light = shot.flash
    ? lightOnBand(plan, band, onStage, still)
    : steadyLight(plan, band, onStage, still);
  const shares = shot.flash ? null : sharesOfBand(plan, band);
  onStage('shake');
  const raw = new Uint16Array(width * rows);
  exposeMosaic(
    light,
    width,
    rows,
    band * TILE_HEIGHT,
    { response, electronsPerLight: electronsPerLight(plan), seed: shot.seed, shares },
    raw,
  );
  onStage('sensor');
  return raw;
}

/** Share of a shot's photosites that clip: red, green, blue. */
export function clippedShareOf(
  { width, height }: SimulatedPlan,
  bands: readonly CapturedBand[],
): [number, number, number] {
  const quarter = (width * height) / 4;
  const share = (c: number, photosites: number): number =>
    bands.reduce((sum, { clipped }) => sum + clipped[c], 0) / photosites;
  return [share(0, quarter), share(1, 2 * quarter), share(2, quarter)];
}

/** Exposes and compresses one band. Bands are independent: any worker may take any of them. */
export function captureBand(
  plan: SimulatedPlan,
  band: number,
  onStage: StageListener = () => {},
  still: StillLight | null = null,
): CapturedBand {
  return encodeRawBand(plan, band, exposeBand(plan, band, onStage, still), onStage);
}

/** Compresses the raw values of one band, however they were gathered. */
export function encodeRawBand(
  plan: SimulatedPlan,
  band: number,
  raw: Uint16Array,
  onStage: StageListener = () => {},
): CapturedBand {
  const rows = bandRows(plan, band);
  const { files } = plan.shot;
  const tiles = wantsDng(files)
    ? encodeBand(
        { data: raw, width: plan.width, rows, samplesPerPixel: 1, precision: PRECISION },
        TILE_WIDTH,
        TILE_HEIGHT,
      )
    : [];
  onStage('compress');
  const preview = previewRows(plan, raw);
  const clipped = clippedPhotosites(raw, plan.width, rawLevels(plan).whiteLevel);
  onStage('preview');
  return { tiles, raw: wantsPicture(files) ? raw : null, preview, clipped };
}
