import { clampClick } from '@velmo/core/exposure';
import { WHITE_KELVIN, WHITE_TINT } from '@velmo/core/colour';
import { MAX_FOCUS_STEPS, type Series, type SeriesKind } from '@velmo/core/series';
import { held, heldFocus, heldWhite, type Settings } from '@velmo/core/settings';
import { session } from '../session/fieldSession';
import { fieldStore, readingsStore, say } from '../session/fieldState';

/** Chooses a series; its kind comes back like this when it is chosen again. */
export function changeSeries(series: Series): void {
  const { series: before } = fieldStore.get().settings;
  const { remembered } = session;
  remembered.series = { ...remembered.series, [before.kind]: before, [series.kind]: series };
  session.changeSettings((s) => ({ ...s, series }));
}

/** Chooses a kind of series, as it was last. */
export const chooseKind = (kind: SeriesKind): void => {
  const { settings, capabilities } = fieldStore.get();
  if (settings.series.kind === kind) return;
  const last = session.remembered.series[kind];
  const knowsLens = capabilities?.focus(settings)?.sharpHalfWidth != null;
  // Without a known lens there are no steps between two ends.
  changeSeries(last.kind === 'focus' && !knowsLens ? { ...last, places: last.places ?? [] } : last);
};

/** Marks where focus stands as one end of its steps; whichever is nearer is the near end. */
export function markFocusEnd(end: 'near' | 'far'): void {
  const { series } = fieldStore.get().settings;
  const dioptres = readingsStore.get()?.focus?.dioptres;
  if (series.kind !== 'focus') return;
  if (dioptres === undefined) return say('Where the lens stands is not known yet.');
  const [near, far] =
    end === 'near' ? [dioptres, series.farDioptres] : [series.nearDioptres, dioptres];
  changeSeries({
    ...series,
    nearDioptres: Math.max(near, far),
    farDioptres: Math.min(near, far),
  });
}

/** Adds where focus stands to the places a frame is focused at. */
export function markFocusPlace(): void {
  const { series } = fieldStore.get().settings;
  const dioptres = readingsStore.get()?.focus?.dioptres;
  if (series.kind !== 'focus') return;
  if (dioptres === undefined) return say('Where the lens stands is not known yet.');
  const places = series.places ?? [];
  if (places.length >= MAX_FOCUS_STEPS) return say(`${MAX_FOCUS_STEPS} places are marked already.`);
  changeSeries({ ...series, places: [...places, dioptres] });
}

/** Every tape that the camera moves is held where it stands, so that frames match. */
export function holdAll(): void {
  const readings = readingsStore.get();
  const { capabilities } = fieldStore.get();
  if (!readings || !capabilities) return say('Nothing has been read yet.');
  const { timeClick, isoClick, focus, white } = readings;
  session.changeSettings((s): Settings => {
    const { time, iso, white: whites } = capabilities;
    const range = capabilities.focus(s)?.range;
    return {
      ...s,
      time: time && timeClick !== null ? held(clampClick(Math.round(timeClick), time)) : s.time,
      iso: iso && isoClick !== null ? held(clampClick(Math.round(isoClick), iso)) : s.iso,
      focus: range && focus ? heldFocus(focus.dioptres) : s.focus,
      white:
        whites && white && s.white.mode === 'auto'
          ? heldWhite({
              kelvin: clampClick(Math.round(white.kelvin), WHITE_KELVIN),
              tint: clampClick(white.tint, WHITE_TINT),
            })
          : s.white,
    };
  });
}
