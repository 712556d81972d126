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
