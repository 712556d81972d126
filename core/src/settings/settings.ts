/** A control the photographer holds at a click, or has left to the camera. */
export type Hold = { readonly mode: 'auto' } | { readonly mode: 'set'; readonly click: number };

export const AUTO: Hold = { mode: 'auto' };
export const held = (click: number): Hold => ({ mode: 'set', click });
export const heldClick = (hold: Hold): number | null => (hold.mode === 'set' ? hold.click : null);

/** Everything that decides the picture: plain, serialisable, comparable. Clicks are thirds of a stop. */
export interface Settings {
  readonly version: 1;
  readonly lens: string;
  readonly time: Hold;
  readonly iso: Hold;
  /** Exposure compensation in clicks, -18..18. */
  readonly compClicks: number;
  readonly support: 'hand' | 'tripod';
  readonly sizeMp: 12 | 3;
}

export const COMP_CLICKS = { min: -18, max: 18 } as const;

export const DEFAULT_SETTINGS: Settings = {
  version: 1,
  lens: 'main',
  time: AUTO,
  iso: AUTO,
  compClicks: 0,
  support: 'hand',
  sizeMp: 12,
};

export const sameHold = (a: Hold, b: Hold): boolean => heldClick(a) === heldClick(b);
