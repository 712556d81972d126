import { developFrame } from '@velmo/core/files';
import { SensorRegion, type RegionExposure, type RegionTarget } from '@velmo/core/simulate';
import type { Developer } from '@velmo/core/colour';
import type { PicturePoint } from '@velmo/core/exposure';
import { sharpnessOf } from '@velmo/core/monitor';
import type { LoupeReading } from '../../device/readings';
import type { LoupeView } from '../../device/view';
import { photositeAt } from '../simulatedView';
import { Surface } from '../../live/surface';

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
  private reading: LoupeReading | null = null;
  /** What it was drawn with last. */
  private last: Parameters<Loupe['draw']> | null = null;

  attach(canvas: OffscreenCanvas): void {
    this.surface = new Surface(canvas);
    this.stale = true;
  }

  look(view: LoupeView | null): void {
    this.view = view;
    this.stale = true;
    if (!view) {
      this.surface = null;
      this.last = null;
    }
  }

  /**
   * Shows the piece as it would be exposed now; every other frame only, unless something but noise
   * has changed.
   *
   * @param upright the picture stands: the sensor's rows run from its top to its foot
   */
  draw(
    target: RegionTarget,
    exposure: RegionExposure,
    developer: Developer,
    upright: boolean,
  ): LoupeReading | null {
    const { surface, view } = this;
    if (!surface || !view) return null;
    this.last = [target, exposure, developer, upright];
    const still = !this.stale && this.shownAt === exposure.dioptres;
    if (still && !this.skipped) {
      this.skipped = true;
      return this.reading;
    }
    this.skipped = false;
    this.stale = false;
    this.shownAt = exposure.dioptres;
    const piece = this.pieceOf(view.photosites);
    aimAt(piece, target, view.at, upright);
    piece.expose(exposure);
    const { raw, size } = piece;
    const { whiteLevel } = exposure.response;
    const whole = { x: 0, y: 0, width: size, height: size };
    const frame = { raw, width: size, height: size, whiteLevel };
    const { data } = developFrame(frame, developer, whole, upright);
    surface.show(new ImageData(data, size, size));
    const { detail, sure } = sharpnessOf(raw, size, size, exposure.response);
    this.reading = { at: view.at, detail, sure };
    return this.reading;
  }

  /** The same at once, where it has been moved to; null where there is nothing to show yet. */
  again(): LoupeReading | null {
    return this.last && this.draw(...this.last);
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
