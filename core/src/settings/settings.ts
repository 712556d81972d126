import type { MeterPattern, PicturePoint } from '../exposure/metering';
import type { WhitePoint } from '../colour/whitePoint';
import type { AspectRatio } from '../optics/aspect';
import type { SubjectPace } from '../optics/smear';
import { FIRST_SERIES } from '../series/kinds';
import type { DelayS, Series } from '../series/series';

/** A control the photographer holds at a click, or has left to the camera. */
export type ExposureControl =
  { readonly mode: 'auto' } | { readonly mode: 'held'; readonly click: number };

export const AUTO: ExposureControl = { mode: 'auto' };
export const held = (click: number): ExposureControl => ({ mode: 'held', click });
export const heldClick = (hold: ExposureControl): number | null =>
  hold.mode === 'held' ? hold.click : null;

/** How the light is read. */
export interface MeterSetting {
  readonly pattern: MeterPattern;
  /** Where the spot lies in the picture as seen. */
  readonly spot: PicturePoint;
  /** The light the exposure is locked to, as EV100; null while the meter follows. */
  readonly lockedEv100: number | null;
}

/**
 * What is taken as white: found by the camera (and perhaps locked where it was), or held by the
 * photographer.
 */
export type WhiteSetting =
  | { readonly mode: 'auto'; readonly locked: WhitePoint | null }
  | { readonly mode: 'held'; readonly kelvin: number; readonly tint: number };

export const AUTO_WHITE_SETTING: WhiteSetting = { mode: 'auto', locked: null };
export const heldWhite = ({ kelvin, tint }: WhitePoint): WhiteSetting => ({
  mode: 'held',
  kelvin,
  tint,
});

/** The same without a lock, which belongs to the light it was made in. */
export const unlockedWhite = (white: WhiteSetting): WhiteSetting =>
  white.mode === 'auto' ? AUTO_WHITE_SETTING : white;

/**
 * Where the lens is focused: found by the camera at a place in the picture, followed as the picture
 * changes or found once, or held by the photographer. In dioptres (1/m): 0 is infinity, and
 * infinity can be written down.
 */
export type FocusSetting =
  | { readonly mode: 'auto'; readonly spot: PicturePoint; readonly follow: boolean }
  | { readonly mode: 'held'; readonly dioptres: number };

/** Anything a lens can be asked for: from a little beyond infinity to 4 cm. */
export const FOCUS_DIOPTRES = { min: -1, max: 25 } as const;

export const AUTO_FOCUS: FocusSetting = {
  mode: 'auto',
  spot: { x: 0.5, y: 0.5 },
  follow: true,
};
const clamp01 = (v: number): number => Math.min(1, Math.max(0, v));

/** Place of the picture at which focus is asked for, within it; null where it is held. */
export const askedSpot = (focus: FocusSetting): PicturePoint | null =>
  focus.mode === 'auto' ? { x: clamp01(focus.spot.x), y: clamp01(focus.spot.y) } : null;
export const heldFocus = (dioptres: number): FocusSetting => ({ mode: 'held', dioptres });

/** What one frame is written as. TIFF and PNG are developed pictures of 16 bits. */
export const FILE_KINDS = ['dng', 'dng+jpeg', 'jpeg', 'tiff', 'png'] as const;
export type FileKind = (typeof FILE_KINDS)[number];
export const AVERAGE_FRAMES = { min: 4, max: 64 } as const;
export const JPEG_QUALITY = { min: 60, max: 100 } as const;

/** A flash is far shorter than an exposure: it falls into its beginning or its end. */
export const FLASH_TIMINGS = ['off', 'begin', 'end'] as const;
export type FlashTiming = (typeof FLASH_TIMINGS)[number];

/**
 * Everything that decides the picture: plain, serialisable, comparable. Clicks are thirds of a
 * stop.
 */
export interface Settings {
  readonly version: 8;
  readonly lens: string;
  /** Zoom past the lens by cropping: 1 = the whole sensor. */
  readonly crop: number;
  readonly time: ExposureControl;
  readonly iso: ExposureControl;
  /**
   * Exposure compensation in clicks, -18..18; a multiple of 1/2, because half stops are one and a
   * half.
   */
  readonly compClicks: number;
  readonly meter: MeterSetting;
  readonly support: 'hand' | 'tripod';
  /** What the stabiliser is worth when hand-held, in stops; 0 = off. */
  readonly stabiliserStops: number;
  /** Neutral-density filter in stops; 0 = none. */
  readonly filterStops: number;
  readonly torch: boolean;
  /** When in an exposure the flash fires. */
  readonly flash: FlashTiming;
  /** How fast the subject moves; 'scene' = as the device knows it. */
  readonly subject: SubjectPace;
  /** Frequency of the lamps' mains. */
  readonly mainsHz: 50 | 60;
  readonly sizeMp: 12 | 3;
  readonly focus: FocusSetting;
  readonly white: WhiteSetting;
  readonly files: FileKind;
  readonly jpegQuality: number;
  /** Frames averaged into one by cameras that can: 1, or 4 to 64. */
  readonly average: number;
  /** Shape of the picture; cut in the metadata of a DNG, for good in the others. */
  readonly aspect: AspectRatio;
  /** What one press takes. */
  readonly series: Series;
  /** Seconds from the press to the first frame. */
  readonly delayS: DelayS;
}

export const COMP_CLICKS = { min: -18, max: 18 } as const;
export const MAX_FILTER_STOPS = 10;
export const MAX_STABILISER_STOPS = 5;

export const DEFAULT_SETTINGS: Settings = {
  version: 8,
  lens: 'main',
  crop: 1,
  time: AUTO,
  iso: AUTO,
  compClicks: 0,
  meter: { pattern: 'centre', spot: { x: 0.5, y: 0.5 }, lockedEv100: null },
  support: 'hand',
  stabiliserStops: 0,
  filterStops: 0,
  torch: false,
  flash: 'off',
  subject: 'scene',
  mainsHz: 50,
  sizeMp: 12,
  focus: AUTO_FOCUS,
  white: AUTO_WHITE_SETTING,
  files: 'dng',
  jpegQuality: 92,
  average: 1,
  aspect: '4:3',
  series: FIRST_SERIES.single,
  delayS: 0,
};

export const sameControl = (a: ExposureControl, b: ExposureControl): boolean =>
  heldClick(a) === heldClick(b);

/** Every exposure decision given back to the camera; the rig stays as it is. */
export const releasedSettings = (s: Settings): Settings => ({
  ...s,
  time: AUTO,
  iso: AUTO,
  compClicks: 0,
  meter: { ...s.meter, lockedEv100: null },
  focus: AUTO_FOCUS,
  white: AUTO_WHITE_SETTING,
});
