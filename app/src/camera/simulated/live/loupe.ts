import { developFrame } from '@velmo/core/files';
import { SensorRegion, type RegionExposure, type RegionTarget } from '@velmo/core/simulate';
import type { Developer } from '@velmo/core/colour';
import type { PicturePoint } from '@velmo/core/exposure';
import { sharpnessOf, type Sharpness } from '@velmo/core/monitor';
import type { LoupeReading } from '../../device/readings';
import type { LoupeView } from '../../device/view';
import { photositeAt } from '../simulatedView';
import { Surface } from '../../live/surface';

/** Photosites along each side of what is drawn unseen, and how often. */
const PRACTICE_PX = 152;
const PRACTICE_DRAWS = 8;

/** What a frame of the live picture has been exposed with, as the sensor itself sees it. */
interface Seen {
  readonly target: RegionTarget;
  readonly exposure: RegionExposure;
  readonly developer: Developer;
  /** The picture stands: the sensor's rows run from its top to its foot. */
  readonly upright: boolean;
}

/**
 * The loupe of the simulated camera: a piece of its sensor, exposed, developed and shown photosite
 * by photosite.
 */
export class Loupe {
  private surface: Surface | null = null;
  private piece: SensorRegion | null = null;
  private view: LoupeView | null = null;
  private stale = true;
  private skipped = false;
  private shownAt: number | null = null;
  private shown: LoupeReading | null = null;
  private seen: Seen | null = null;

  /** What it showed last. */
  get reading(): LoupeReading | null {
    return this.shown;
  }

  attach(canvas: OffscreenCanvas): void {
    this.surface = new Surface(canvas);
    this.stale = true;
  }

  look(view: LoupeView | null): void {
    this.view = view;
    this.stale = true;
    if (view) return;
    this.shown = null;
    this.surface?.blank();
  }

  /** What the frame of the picture has been exposed with that is to be shown next. */
  see(seen: Seen): void {
    this.seen = seen;
  }

  /**
   * Shows the piece as it would be exposed now; every other time only, unless something but noise
   * has changed. Returns what it shows, null where there is nothing to show yet.
   */
  draw(): LoupeReading | null {
    const { surface, view, seen } = this;
    if (!surface || !view || !seen) return null;
    const { target, exposure, upright } = seen;
    const still = !this.stale && this.shownAt === exposure.dioptres;
    if (still && !this.skipped) {
      this.skipped = true;
      return this.shown;
    }
    this.skipped = false;
    this.stale = false;
    this.shownAt = exposure.dioptres;
    const piece = this.pieceOf(view.photosites);
    aimAt(piece, target, view.at, upright);
    const { detail, sure } = this.expose(piece, seen, surface);
    this.shown = { at: view.at, detail, sure };
    return this.shown;
  }

  /**
   * Draws a few times while nobody sees it, a time at each step, once there is what to draw on:
   * code that is new to the machine takes ten times as long as later, and the turn of a tape that
   * brings the loupe would wait for it.
   */
  *practise(): Generator<void, void> {
    for (let drawn = 0; drawn < PRACTICE_DRAWS;) {
      const { seen, surface, view } = this;
      if (seen && surface && !view) {
        const piece = this.pieceOf(PRACTICE_PX);
        aimAt(piece, seen.target, { x: 0.5, y: 0.5 }, seen.upright);
        const dioptres = seen.exposure.dioptres + drawn / 100;
        this.expose(piece, { ...seen, exposure: { ...seen.exposure, dioptres } }, surface);
        surface.blank();
        drawn++;
      }
      yield;
    }
  }

  /** Exposes a piece and shows it. */
  private expose(piece: SensorRegion, seen: Seen, surface: Surface): Sharpness {
    const { exposure, developer, upright } = seen;
    piece.expose(exposure);
    const { raw, size } = piece;
    const { whiteLevel } = exposure.response;
    const whole = { x: 0, y: 0, width: size, height: size };
    const frame = { raw, width: size, height: size, whiteLevel };
    const { data } = developFrame(frame, developer, whole, upright);
    surface.show(new ImageData(data, size, size));
    return sharpnessOf(raw, size, size, exposure.response);
  }

  private pieceOf(photosites: number): SensorRegion {
    if (this.piece?.size !== photosites) this.piece = new SensorRegion(photosites);
    return this.piece;
  }
}

/** Lays a piece round a place in the picture, inside the sensor. */
export function aimAt(
  piece: SensorRegion,
  target: RegionTarget,
  at: PicturePoint,
  upright: boolean,
): void {
  const { longPx, shortPx } = target.framing;
  const { column, row } = photositeAt(at, longPx, shortPx, upright);
  const inside = (v: number, most: number): number =>
    Math.max(0, Math.min(most - piece.size, Math.round(v - piece.size / 2)));
  piece.aim(target, inside(column, longPx), inside(row, shortPx));
}
