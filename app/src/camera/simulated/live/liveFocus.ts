import {
  readPhase,
  SensorRegion,
  type RegionExposure,
  type RegionTarget,
} from '@velmo/core/simulate';
import type { PicturePoint } from '@velmo/core/exposure';
import { framingPixel } from '@velmo/core/scene';
import { sharpnessOf } from '@velmo/core/monitor';
import { showsTexture, type LensModel } from '@velmo/core/optics';
import { photositeResponse } from '@velmo/core/sensor';
import { AUTO_FOCUS, type FocusSetting, type Settings } from '@velmo/core/settings';
import { AutoFocus } from './autoFocus';
import { mostContrast, type SeenPicture } from './focusSpot';
import { LIVE_SHAKE_SEED } from '../light/lightOnSensor';
import { aimAt } from './loupe';
import { pause } from '../../live/pause';

/**
 * Photosites along each side of what focus is found on: a twenty-eighth of the picture's long side.
 */
const PIECE_PX = 144;
/** A picture that has kept still for so long is focused anew. */
const PAUSE_MS = 350;
/** A search takes about a second; where nothing is shown, as in a hidden tab, it does not go on. */
const MAX_SEARCH_MS = 4000;

/** How a piece of the sensor is exposed in a frame. */
export const pieceExposure = (
  { filterStops, support, stabiliserStops }: Settings,
  iso: number,
  { sensor }: LensModel,
  frame: Pick<RegionExposure, 'timeS' | 'startS' | 'seed'>,
): Omit<RegionExposure, 'dioptres'> => ({
  ...frame,
  response: photositeResponse(sensor, iso, 1),
  filterStops,
  steady: support === 'tripod',
  stabiliserStops,
  shakeSeed: LIVE_SHAKE_SEED,
});

/**
 * Focus of the live picture: moves the lens as the settings ask, and searches by what the sensor
 * sees.
 */
export class LiveFocus {
  private readonly auto = new AutoFocus();
  private piece: SensorRegion | null = null;
  private setting: FocusSetting = AUTO_FOCUS;
  /** When a search is to begin; Infinity: none is. */
  private dueMs = Infinity;
  private spot: PicturePoint | null = null;
  /** The place is Velmo's to choose, and has not been looked at yet. */
  private mayChoose = false;
  /** Told null when the search that is due begins, else where the lens stood when overtaken. */
  private starting: ((dioptres: number | null) => void)[] = [];

  get reading() {
    return this.auto.reading;
  }

  /** New settings, perhaps with another lens. */
  apply(setting: FocusSetting, lens: LensModel): void {
    const before = this.setting;
    const sameSpot =
      before.mode === 'auto' &&
      setting.mode === 'auto' &&
      before.spot.x === setting.spot.x &&
      before.spot.y === setting.spot.y;
    if (!sameSpot) this.tellStarting(this.reading.dioptres);
    this.setting = setting;
    this.auto.mount(lens);
    if (setting.mode === 'held') {
      this.dueMs = Infinity;
      this.auto.hold(setting.dioptres);
      return;
    }
    if (!sameSpot) this.due(0);
  }

  /** The picture shows something else: a focus that follows is found again once it keeps still. */
  reframed(): void {
    if (this.setting.mode === 'auto' && this.setting.follow) this.due(PAUSE_MS);
  }

  /** Another place: what was in focus is not there any more. */
  elsewhere(): void {
    if (this.setting.mode === 'auto') this.due(PAUSE_MS);
  }

  /** Searches anew at once; resolves when something is found, or nothing is, as `settled` does. */
  async again(): Promise<number> {
    if (this.setting.mode === 'auto') {
      this.due(0);
      const started = new Promise<number | null>((resolve) => this.starting.push(resolve));
      const overtaken = await Promise.race([started, pause(MAX_SEARCH_MS).then(() => null)]);
      if (overtaken !== null) return overtaken;
    }
    return this.settled();
  }

  /**
   * Resolves when the lens stands still, when something else is asked of it, or when a search gets
   * nowhere because no pictures are drawn; with where it stands by then, in dioptres.
   */
  settled(): Promise<number> {
    const given = pause(MAX_SEARCH_MS).then(() => this.reading.dioptres);
    return Promise.race([this.auto.settled(), given]);
  }

  /** One look of a search under way, or of one that is due. */
  step(
    target: RegionTarget,
    exposure: Omit<RegionExposure, 'dioptres'>,
    upright: boolean,
    seen: SeenPicture,
  ): void {
    const { auto, setting } = this;
    const due = performance.now() >= this.dueMs && setting.mode === 'auto';
    if (due) {
      this.dueMs = Infinity;
      this.spot = setting.spot;
      this.mayChoose = isDefault(setting.spot);
      auto.start(framingPixel(target.framing));
      this.tellStarting(null);
    }
    const { looksBy } = auto;
    if (!looksBy || !this.spot) return;
    this.piece ??= new SensorRegion(PIECE_PX);
    const { piece } = this;
    aimAt(piece, target, this.spot, upright);
    const look = { ...exposure, steady: true, dioptres: auto.reading.dioptres };
    if (looksBy === 'phase') {
      const phase = readPhase(piece.phase(look));
      // Where nobody has said where to focus and the middle shows nothing, another place may.
      const elsewhere = this.mayChoose && !showsTexture(phase);
      this.mayChoose = false;
      if (elsewhere) this.spot = mostContrast(seen, this.spot);
      else auto.seePhase(phase);
      return;
    }
    piece.expose(look);
    auto.seeDetail(sharpnessOf(piece.raw, piece.size, piece.size, exposure.response));
  }

  private tellStarting(dioptres: number | null): void {
    for (const resolve of this.starting.splice(0)) resolve(dioptres);
  }

  private due(inMs: number): void {
    this.dueMs = performance.now() + inMs;
  }
}

const isDefault = ({ x, y }: PicturePoint): boolean => x === 0.5 && y === 0.5;
