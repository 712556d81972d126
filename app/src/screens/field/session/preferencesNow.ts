import type { Aids } from '@velmo/core/aids';
import type { MonitorSettings } from '@velmo/core/monitor';
import type { NamePattern } from '../../../storage/fileNames';
import {
  keepPreferences,
  type Focusing,
  type Preferences,
  type ScreenChoice,
} from '../../../storage/preferences';
import { chooseLook } from '../../../theme/applyLook';
import { fieldStore } from './fieldState';

/** Changes what the photographer likes, and remembers it. */
export function changePreferences(part: Partial<Preferences>): void {
  const preferences = { ...fieldStore.get().preferences, ...part };
  fieldStore.update((s) => ({ ...s, preferences }));
  keepPreferences(preferences);
}

export const changeMonitors = (part: Partial<MonitorSettings>): void =>
  changePreferences({ monitors: { ...fieldStore.get().preferences.monitors, ...part } });

export const changeFocusing = (part: Partial<Focusing>): void =>
  changePreferences({ focusing: { ...fieldStore.get().preferences.focusing, ...part } });

export const changeNaming = (part: Partial<NamePattern>): void =>
  changePreferences({ naming: { ...fieldStore.get().preferences.naming, ...part } });

export const changeAids = (part: Partial<Aids>): void =>
  changePreferences({ aids: { ...fieldStore.get().preferences.aids, ...part } });

export function changeScreen(part: Partial<ScreenChoice>): void {
  const screen = { ...fieldStore.get().preferences.screen, ...part };
  changePreferences({ screen });
  chooseLook(screen);
}
