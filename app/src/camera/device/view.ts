import type { PicturePoint } from '@velmo/core/exposure';
import { DEFAULT_MONITORS, type DepthLook, type MonitorSettings } from '@velmo/core/monitor';
import type { AheadChoice } from '@velmo/core/simulate';

/** A piece of the picture to be shown photosite by photosite. */
export interface LoupeView {
  /** Its middle. */
  readonly at: PicturePoint;
  /** Photosites along each side; even. */
  readonly photosites: number;
}

/** How the picture is shown and marked, and where it is read. */
export interface ViewOptions {
  readonly upright: boolean;
  readonly marks: boolean;
  /** Instead of the picture: dark greys, and in colour what the raw has lost. */
  readonly clips: boolean;
  readonly monitors: MonitorSettings;
  /** Edges in focus are marked. */
  readonly peaking: boolean;
  /** Instead of the picture: what is sharp, or how far everything is. */
  readonly depth: DepthLook;
  readonly loupe: LoupeView | null;
  /** Device pixels per frame pixel, so that marks keep their size on screen. */
  readonly scale: number;
  readonly pins: readonly PicturePoint[];
  /** When light is computed before it is asked for, by a camera that computes light. */
  readonly lightAhead: AheadChoice;
}

/** A view before the Window has said how it wants it. */
export const FIRST_VIEW: ViewOptions = {
  upright: false,
  marks: true,
  clips: false,
  monitors: DEFAULT_MONITORS,
  peaking: false,
  depth: 'off',
  loupe: null,
  scale: 1,
  pins: [],
  lightAhead: 'fitting',
};

/** Where a camera that can be turned looks: radians right of and above where it opened. */
export interface Aim {
  readonly yawRad: number;
  readonly pitchRad: number;
}
