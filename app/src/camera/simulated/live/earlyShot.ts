import { DEFAULT_SETTINGS, type Settings } from '@velmo/core/settings';
import type { LiveAim } from '../simulatedView';

/** What a frame is exposed of before Field asks for one; plain, so that it can be sent. */
export interface EarlyShot {
  readonly target: LiveAim;
  readonly settings: Settings;
  readonly upright: boolean;
}

/** The place that is opened first. */
export const DEFAULT_SCENE = 'pans-at-noon';

/** What Field asks for first of a place. */
export const firstShotOf = (sceneId: string, settings: Settings, upright: boolean): EarlyShot => ({
  target: { sceneId, aim: { yawRad: 0, pitchRad: 0 } },
  settings,
  upright,
});

/** What the page's head asks the worker for before there is an app, see `public/early.js`. */
export interface HeadStart {
  /** Where pictures go. */
  readonly canvas: OffscreenCanvas;
  /** What was noted last, as far as anything was; null: only the app knows. */
  readonly guess: (Partial<EarlyShot> & Pick<EarlyShot, 'upright'>) | null;
}

/** A guess of the page's head, where nothing was noted that of the first visit. */
export const guessedShot = (guess: NonNullable<HeadStart['guess']>): EarlyShot => ({
  ...firstShotOf(DEFAULT_SCENE, DEFAULT_SETTINGS, guess.upright),
  ...guess,
});
