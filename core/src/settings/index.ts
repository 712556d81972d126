export { parseFocus } from './focusLink';
export { type LinkedSettings, type LinkQuery, settingsFromLink } from './link';
export { migrateSettings } from './migrate';
export {
  cameraMoves,
  freeControl,
  type Nudge,
  type NudgedControl,
  nudgeExposure,
  type NudgeRanges,
} from './nudge';
export { SETTINGS_SCHEMA } from './schema';
export { parseSeries } from './seriesLink';
export {
  AUTO,
  askedSpot,
  AUTO_FOCUS,
  AUTO_WHITE_SETTING,
  AVERAGE_FRAMES,
  COMP_CLICKS,
  DEFAULT_SETTINGS,
  type ExposureControl,
  FILE_KINDS,
  type FileKind,
  FLASH_TIMINGS,
  type FlashTiming,
  FOCUS_DIOPTRES,
  type FocusSetting,
  held,
  heldClick,
  heldFocus,
  heldWhite,
  JPEG_QUALITY,
  MAX_FILTER_STOPS,
  MAX_STABILISER_STOPS,
  type MeterSetting,
  releasedSettings,
  sameControl,
  type Settings,
  unlockedWhite,
  type WhiteSetting,
} from './settings';
export { parseThirds } from './thirds';
