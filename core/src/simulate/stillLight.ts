import { createLightPlane, rowsOf, type LightPlane } from '../sensor/lightPlane';
import { TILE_HEIGHT } from '../files/dng/tiling';
import { renderScene } from '../scene/render';
import { lightKey } from './lightKey';
import { sceneResponse } from './sceneResponse';
import type { SimulatedPlan } from './simulatedPlan';

/** Light of a framing in which nothing moves, on some rows of its picture. */
export function stillRows(plan: SimulatedPlan, top: number, height: number): LightPlane {
  const { shot, scene, lens, framing, binning, width } = plan;
  const plane = createLightPlane(width, height, 0, top);
  const samples = binning === 1 ? 1 : 2;
  renderScene(scene, framing, plane, sceneResponse(scene, lens), samples, shot.torch);
  return plane;
}

/**
 * True where every frame of a series gets the same light on its photosites: on a tripod, at one
 * focus, with nothing that moves.
 */
export const isStillBehindLens = ({ shot, scene }: SimulatedPlan): boolean =>
  shot.steady && !scene.moves && shot.series?.kind !== 'focus';

function copyInto(to: LightPlane, from: LightPlane): void {
  const first = Math.max(to.row, from.row);
  const rows = Math.min(to.row + to.height, from.row + from.height) - first;
  if (rows <= 0) return;
  const part = rowsOf(from, first - from.row, rows);
  const start = (first - to.row) * to.width;
  to.rgb.set(part.rgb, 3 * start);
  to.depthM.set(part.depthM, start);
}

/** Where a band begins in the picture. */
const topOf = (band: number): number => band * TILE_HEIGHT;

/**
 * The light of one framing, computed once, or ahead of the frame, and kept band by band: as it
 * arrives before the lens (16 bytes a pixel), or where that is the same for all frames behind it
 * (12 bytes). Another framing lets go of it.
 */
export class StillLight {
  private key = '';
  /** Where the lens stood for the light kept behind it. */
  private focusDioptres = NaN;
  private readonly bands = new Map<number, LightPlane>();
  private readonly behind = new Map<number, Float32Array>();

  /** Light behind the lens on the photosites of a band, worked out when it is not there yet. */
  behindLens(plan: SimulatedPlan, band: number, work: () => Float32Array): Float32Array {
    this.follow(lightKey(plan));
    if (plan.shot.focusDioptres !== this.focusDioptres) this.behind.clear();
    this.focusDioptres = plan.shot.focusDioptres;
    const kept = this.behind.get(band) ?? work();
    this.behind.set(band, kept);
    this.bands.delete(band);
    return kept;
  }

  /**
   * Computes the light before the lens on the first rows that a band will ask for, ahead of the
   * frame. True when all of them are there.
   *
   * @param margin rows that lens and hand are going to ask for above the band, and below
   */
  prepare(plan: SimulatedPlan, band: number, rows: number, margin = 0): boolean {
    this.follow(lightKey(plan));
    if (this.behind.has(band)) return true;
    const top = topOf(band) - margin;
    const all = Math.min(TILE_HEIGHT, plan.height - topOf(band)) + 2 * margin;
    const there = this.widened(plan, this.bands.get(band), top, top + Math.min(all, rows));
    this.bands.set(band, there);
    return there.row <= top && there.row + there.height >= top + all;
  }

  /**
   * A plane of `height` rows from `top` on; rows that were computed before are not computed again.
   * Where something moves it is a fresh one, to be painted over; elsewhere it may be what is kept:
   * read only.
   *
   * @param keeps what is computed is kept
   */
  rows(plan: SimulatedPlan, band: number, top: number, height: number, keeps = true): LightPlane {
    this.follow(lightKey(plan));
    const kept = this.bands.get(band);
    if (!kept && !keeps) return stillRows(plan, top, height);
    const whole = this.widened(plan, kept, top, top + height);
    if (keeps) this.bands.set(band, whole);
    const asked = rowsOf(whole, top - whole.row, height);
    if (!plan.scene.moves) return asked;
    return { ...asked, rgb: asked.rgb.slice(), depthM: asked.depthM.slice() };
  }

  /** Rows from one to another at least: those that are kept, and the rest computed. */
  private widened(
    plan: SimulatedPlan,
    kept: LightPlane | undefined,
    from: number,
    to: number,
  ): LightPlane {
    if (!kept) return stillRows(plan, from, to - from);
    const below = kept.row + kept.height;
    const [first, end] = [Math.min(from, kept.row), Math.max(to, below)];
    if (first === kept.row && end === below) return kept;
    const whole = createLightPlane(plan.width, end - first, 0, first);
    copyInto(whole, kept);
    if (first < kept.row) copyInto(whole, stillRows(plan, first, kept.row - first));
    if (end > below) copyInto(whole, stillRows(plan, below, end - below));
    return whole;
  }

  /** Lets go of all light. */
  forget(): void {
    this.bands.clear();
    this.behind.clear();
  }

  private follow(key: string): void {
    if (key !== this.key) this.forget();
    this.key = key;
  }
}
