import type { Aids } from '@velmo/core/aids';
import type { MonitorSettings } from '@velmo/core/monitor';
import type { NamePattern } from '../../../storage/fileNames';
import {
  keepPreferences,
  type Focusing,
  type Preferences,
  type ScreenChoice,
} from '../../../storage/kept/preferences';
import { chooseLook } from '../../../theme/applyLook';
import { fieldStore } from './fieldState';

/** Changes what the photographer likes, and remembers it. */
export function changePreferences(part: Partial<Preferences>, state = fieldStore): void {
  const preferences = { ...state.get().preferences, ...part };
  state.update((s) => ({ ...s, preferences }));
  keepPreferences(preferences);
}

/** Changes what the monitors mark. */
export const changeMonitors = (part: Partial<MonitorSettings>): void =>
  changePreferences({ monitors: { ...fieldStore.get().preferences.monitors, ...part } });

/** Changes how focusing is helped. */
export const changeFocusing = (part: Partial<Focusing>): void =>
  changePreferences({ focusing: { ...fieldStore.get().preferences.focusing, ...part } });

/** Changes how frames are named. */
export const changeNaming = (part: Partial<NamePattern>, state = fieldStore): void =>
  changePreferences({ naming: { ...state.get().preferences.naming, ...part } }, state);

/** Changes grid, frame lines, level and caption. */
export const changeAids = (part: Partial<Aids>): void =>
  changePreferences({ aids: { ...fieldStore.get().preferences.aids, ...part } });

/** Changes how the screen looks, and shows it at once. */
export function changeScreen(part: Partial<ScreenChoice>): void {
  const screen = { ...fieldStore.get().preferences.screen, ...part };
  changePreferences({ screen });
  chooseLook(screen);
}
