import { FIRST_SERIES, SERIES_KINDS } from '../series/kinds';
import type { SeriesKind } from '../series/series';
import { DEFAULT_SETTINGS } from './settings';

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null;

const OLD_VERSIONS: readonly unknown[] = [1, 2, 3, 4, 5, 6, 7];

/** Controls that until version 5 were `set` where they are `held` now. */
const CONTROLS = ['time', 'iso', 'focus', 'white'] as const;

/** What a kind of series has gained is as it was before it was chosen. */
const seriesOf = (series: unknown): unknown =>
  isRecord(series) && SERIES_KINDS.some((kind) => kind === series.kind)
    ? { ...FIRST_SERIES[series.kind as SeriesKind], ...series }
    : series;

const heldOf = (control: unknown): unknown =>
  isRecord(control) && control.mode === 'set' ? { ...control, mode: 'held' } : control;

/**
 * Brings settings of an older version up to the current one; anything else passes through
 * unchanged, to be judged by the schema. Version 1 knew no crop, meter pattern, stabiliser, filter,
 * torch, subject or mains; version 2 no white balance and no choice of files; version 3 no focus;
 * version 4 no average; version 5 said `set` for `held`; version 6 knew no series; version 7 no
 * flash, no focus at chosen places, and not how long the light lasts.
 */
export function migrateSettings(value: unknown): unknown {
  if (!isRecord(value) || !OLD_VERSIONS.includes(value.version)) return value;
  const controls = CONTROLS.flatMap((name) => (name in value ? [[name, heldOf(value[name])]] : []));
  return {
    ...DEFAULT_SETTINGS,
    ...value,
    ...Object.fromEntries(controls),
    ...('series' in value && { series: seriesOf(value.series) }),
    version: DEFAULT_SETTINGS.version,
  };
}
