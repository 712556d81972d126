import type { Settings } from '@velmo/core/settings';
import { loadCurrentRoll } from '../rolls/currentRoll';
import { lastCamera, type CameraChoice } from './cameraChoice';
import { lastPreferences, type Preferences } from './preferences';
import { lastSettings } from './settingsStore';

/** What Field opens with, as it was last time; null where nothing is kept that can be used. */
export interface KeptOpening {
  readonly settings: Settings | null;
  readonly preferences: Preferences | null;
  readonly camera: CameraChoice | null;
}

async function read(): Promise<KeptOpening> {
  const [settings, preferences, camera] = await Promise.all([
    lastSettings(),
    lastPreferences(),
    lastCamera(),
    loadCurrentRoll(),
  ]);
  return { settings, preferences, camera };
}

let begun: Promise<KeptOpening> | null = null;

/** Reads it before there is a Field that asks for it. */
export const readOpeningEarly = (): Promise<KeptOpening> => (begun = read());

/** What was read early, once; else as it is kept now. The current roll is there with it. */
export function keptOpening(): Promise<KeptOpening> {
  const early = begun;
  begun = null;
  return early ?? read();
}

/** Where it is noted for the next start: databases take too long. */
const NOTED = 'velmo-opening';

/**
 * What is noted of an opening.
 *
 * @typeParam Shot what is exposed first where no link asks for anything else
 */
export interface NotedOpening<Shot> extends KeptOpening {
  /** Null where the device's own camera is looked through. */
  readonly shot: Shot | null;
  /** The page's size in CSS pixels then. */
  readonly width: number;
  readonly height: number;
  /** How the picture lay in that page, as CSS; null where it was seen in the colours of a veil. */
  readonly lay: string | null;
}

/** Notes what Field would open with now: the page's head and the app begin with it. */
export function noteOpening<Shot>(opening: NotedOpening<Shot>): void {
  try {
    localStorage.setItem(NOTED, JSON.stringify(opening));
  } catch {
    // Storage may be shut or full: the picture of last time comes a moment later.
  }
}

/** What was noted, not checked; nothing where nothing was. */
export function notedOpening(): KeptOpening {
  try {
    const noted = JSON.parse(localStorage.getItem(NOTED) ?? 'null') as KeptOpening | null;
    if (noted) return noted;
  } catch {
    // Nothing that could be read.
  }
  return { settings: null, preferences: null, camera: null };
}
