import { lightFieldOf } from '../scene/lightField';
import { blurReachPx, defocusOf, dioptresOf } from '../optics/defocus';
import { DefocusBlur } from '../optics/blur/defocusBlur';
import type { LensModel } from '../optics/lenses';
import { blurRows } from '../optics/shake/shakeBlur';
import { shakeKernel } from '../optics/shake/shakeKernel';
import { framingPixel, renderScene, type Framing, type Scene } from '../scene/index';
import { exposeMosaic } from '../sensor/exposeMosaic';
import { createLightPlane, depthExtremes, rowsOf, type LightPlane } from '../sensor/lightPlane';
import { electronsPerLuminance, type PhotositeResponse } from '../sensor/sensorModel';
import { phaseViews, type PhaseViews } from './phasePixels';
import { tentBlur } from './lensBlur';
import { sceneResponse } from './sceneResponse';

/** What the sensor looks at: a scene through a lens, at the sensor's own resolution. */
export interface RegionTarget {
  readonly scene: Scene;
  /** Of the whole sensor, a pixel a photosite, in the order the sensor reads. */
  readonly framing: Framing;
  readonly lens: LensModel;
  readonly torch: boolean;
}

/** How a piece is exposed. */
export interface RegionExposure {
  readonly response: PhotositeResponse;
  /** Where the lens is focused, in dioptres. */
  readonly dioptres: number;
  readonly timeS: number;
  readonly startS: number;
  readonly filterStops: number;
  readonly steady: boolean;
  readonly stabiliserStops: number;
  readonly shakeSeed: number;
  readonly seed: number;
}

const TENT = 1;

/** Farthest that any focus of a lens spreads light, in photosites. */
const mostReach = (lens: LensModel, framing: Framing): number => {
  const closest = dioptresOf(lens.closestM);
  return blurReachPx(defocusOf(lens, closest, framingPixel(framing)), Infinity, Infinity);
};

/**
 * A square piece of the simulated sensor, exposed again and again as a capture would expose it: for
 * focusing, and to look at it photosite by photosite. Its light is kept; when it moves, only what
 * comes into it is rendered.
 */
export class SensorRegion {
  /** Raw values of the last exposure, `size * size`, RGGB. */
  readonly raw: Uint16Array;
  private target: RegionTarget | null = null;
  private margin = 0;
  private still: LightPlane = createLightPlane(1, 1);
  private spare: LightPlane = createLightPlane(1, 1);
  private moved: LightPlane | null = null;
  private readonly blur = new DefocusBlur();
  private readonly focused: Float32Array;
  private readonly shaken: Float32Array;
  private readonly light: Float32Array;
  /** What `focused` was made for; null when it must be made anew. */
  private focusedAt: number | null = null;

  /** @param size photosites along each side; even */
  constructor(readonly size: number) {
    this.raw = new Uint16Array(size * size);
    this.light = new Float32Array(3 * size * size);
    this.focused = new Float32Array(3 * size * (size + 2 * TENT));
    this.shaken = new Float32Array(3 * size * (size + 2 * TENT));
  }

  /**
   * Looks at another place.
   *
   * @param column photosite of the piece's left edge, made even so that colours stay in place;
   *   likewise `row`
   */
  aim(target: RegionTarget, column: number, row: number): void {
    const known = this.target;
    const same =
      known !== null &&
      known.scene === target.scene &&
      known.lens === target.lens &&
      known.torch === target.torch &&
      known.framing === target.framing;
    this.target = target;
    this.margin = same ? this.margin : mostReach(target.lens, target.framing) + TENT;
    const x = 2 * Math.floor(column / 2) - this.margin;
    const y = 2 * Math.floor(row / 2) - this.margin;
    if (same && x === this.still.column && y === this.still.row) return;
    this.focusedAt = null;
    if (same) this.moveTo(target, x, y);
    else {
      const side = this.size + 2 * this.margin;
      this.still = createLightPlane(side, side, x, y);
      this.spare = createLightPlane(side, side, x, y);
      this.moved = target.scene.moves ? createLightPlane(side, side, x, y) : null;
      render(target, this.still);
    }
  }

  /** Exposes the piece into `raw`. Throws when it has not been aimed. */
  expose(exposure: RegionExposure): void {
    const { target, size } = this;
    if (!target) throw new RangeError('a piece of the sensor must be aimed before it is exposed');
    const { lens, framing } = target;
    const pixel = framingPixel(framing);
    const kernel = exposure.steady
      ? null
      : shakeKernel(exposure.shakeSeed, exposure.timeS, exposure.stabiliserStops, pixel);
    this.focus(target, exposure);
    let light = this.focused;
    if (kernel) {
      const rows = size + 2 * TENT;
      blurRows(light, size, rows, kernel, 0, rows, this.shaken);
      light = this.shaken;
    }
    tentBlur(light, size, size, this.light);
    const electronsPerLight =
      electronsPerLuminance(lens.sensor, 1, exposure.timeS, lens.fNumber) /
      2 ** exposure.filterStops;
    const { response, seed } = exposure;
    exposeMosaic(this.light, size, size, 0, { response, electronsPerLight, seed }, this.raw);
  }

  /**
   * What phase detection sees of the piece: the views of the pupil's halves, in electrons, with
   * their noise. Throws when it has not been aimed.
   */
  phase(exposure: RegionExposure): PhaseViews {
    const { target, size, margin } = this;
    if (!target) throw new RangeError('a piece of the sensor must be aimed before it is exposed');
    const part = { column: margin, row: margin, width: size, height: size };
    return phaseViews(this.before(target, exposure), target, exposure, part);
  }

  /** Light before the lens, with what moves in it. */
  private before(target: RegionTarget, { startS, timeS }: RegionExposure): LightPlane {
    const { moved, still } = this;
    if (!moved) return still;
    moved.rgb.set(still.rgb);
    moved.depthM.set(still.depthM);
    const plane = { ...moved, column: still.column, row: still.row };
    const response = sceneResponse(target.scene, target.lens);
    lightFieldOf(target.scene).moving!.paint(target.framing, plane, response, { startS, timeS });
    return plane;
  }

  /** Light behind the lens at this focus; kept while nothing changes. */
  private focus(target: RegionTarget, exposure: RegionExposure): void {
    const { moved, margin, size } = this;
    const { dioptres } = exposure;
    if (!moved && this.focusedAt === dioptres) return;
    const plane = this.before(target, exposure);
    const defocus = defocusOf(target.lens, dioptres, framingPixel(target.framing));
    const part = { column: margin, row: margin - TENT, width: size, height: size + 2 * TENT };
    const reach = Math.min(margin - TENT, blurReachPx(defocus, ...depthExtremes(plane.depthM)));
    this.blur.blur(plane, defocus, part, reach, this.focused);
    this.focusedAt = dioptres;
  }

  /** Keeps what both places share and renders the rest. */
  private moveTo(target: RegionTarget, x: number, y: number): void {
    const old = this.still;
    const { width: side } = old;
    const plane: LightPlane = { ...this.spare, column: x, row: y };
    this.spare = old;
    this.still = plane;
    const dx = x - old.column;
    const dy = y - old.row;
    const columns = side - Math.abs(dx);
    const rows = side - Math.abs(dy);
    if (columns <= 0 || rows <= 0) {
      render(target, plane);
      return;
    }
    const [fromX, toX] = [Math.max(0, dx), Math.max(0, -dx)];
    const [fromY, toY] = [Math.max(0, dy), Math.max(0, -dy)];
    for (let r = 0; r < rows; r++) copyRow(old, fromX, fromY + r, plane, toX, toY + r, columns);
    if (dy !== 0) render(target, rowsOf(plane, dy > 0 ? rows : 0, Math.abs(dy)));
    if (dx === 0) return;
    const left = dx > 0 ? columns : 0;
    const strip = createLightPlane(Math.abs(dx), rows, x + left, y + toY);
    render(target, strip);
    for (let r = 0; r < rows; r++) copyRow(strip, 0, r, plane, left, toY + r, strip.width);
  }
}

const render = ({ scene, framing, lens, torch }: RegionTarget, plane: LightPlane): void =>
  renderScene(scene, framing, plane, sceneResponse(scene, lens), 1, torch);

function copyRow(
  from: LightPlane,
  fromX: number,
  fromY: number,
  to: LightPlane,
  toX: number,
  toY: number,
  pixels: number,
): void {
  const a = fromY * from.width + fromX;
  const b = toY * to.width + toX;
  to.rgb.set(from.rgb.subarray(3 * a, 3 * (a + pixels)), 3 * b);
  to.depthM.set(from.depthM.subarray(a, a + pixels), b);
}
