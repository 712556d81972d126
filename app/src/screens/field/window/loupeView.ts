import type { PicturePoint } from '@velmo/core/exposure';
import type { LoupeView } from '../../../camera/device/view';
import { LOUPE_PX } from '../../../instruments/window/Loupe';
import { fieldStore, readingsStore, type FieldState } from '../session/fieldState';
import { changeFocusing } from '../session/preferencesNow';

/** Opens the loupe at a place; there it stays until it is closed. */
export const openLoupe = (at: PicturePoint): void =>
  fieldStore.update((s) => ({ ...s, loupe: { at, stays: true } }));

/** Puts the loupe away. */
export const closeLoupe = (): void => {
  if (fieldStore.get().loupe) fieldStore.update((s) => ({ ...s, loupe: null }));
};

/** Where focus is looked for, or the spot meter reads where it is held by hand. */
const focusSpot = ({ settings }: FieldState): PicturePoint =>
  settings.focus.mode === 'auto' ? settings.focus.spot : settings.meter.spot;

/** Lays the loupe where focus is found, or puts it away. */
export const toggleLoupe = (): void => {
  const s = fieldStore.get();
  if (s.loupe) closeLoupe();
  else openLoupe(focusSpot(s));
};

/** The Focus tape is being turned: the loupe comes by itself, where that is wanted. */
export function loupeWhileTurning(): void {
  const s = fieldStore.get();
  if (s.loupe || !s.preferences.focusing.loupeWithFocus) return;
  fieldStore.update((now) => ({ ...now, loupe: { at: focusSpot(s), stays: false } }));
}

/** Focus has been put down: a loupe that came by itself goes. */
export function loupeAfterTurning(): void {
  const { loupe } = fieldStore.get();
  if (loupe && !loupe.stays) closeLoupe();
}

/** Moves what the loupe looks at against the finger, by screen pixels. */
export function dragLoupe(dx: number, dy: number): void {
  const { loupe, capabilities, settings, preferences, upright } = fieldStore.get();
  const long = capabilities?.longSidePx(settings);
  if (!loupe || !long) return;
  const short = (long * 3) / 4;
  const zoom = preferences.focusing.loupeZoom;
  const inside = (v: number): number => Math.min(1, Math.max(0, v));
  const at = {
    x: inside(loupe.at.x - dx / zoom / (upright ? short : long)),
    y: inside(loupe.at.y - dy / zoom / (upright ? long : short)),
  };
  // A loupe that has been dragged stays until it is closed.
  fieldStore.update((s) => ({ ...s, loupe: { at, stays: true } }));
}

/** Shows photosites twice as large, or as before. */
export const zoomLoupe = (): void =>
  changeFocusing({ loupeZoom: fieldStore.get().preferences.focusing.loupeZoom === 1 ? 2 : 1 });

/** What the loupe looks at, as a camera is asked for it. */
export function loupeNow(): LoupeView | null {
  const { loupe, preferences } = fieldStore.get();
  if (!loupe) return null;
  const photosites = 2 * Math.round(LOUPE_PX / preferences.focusing.loupeZoom / 2);
  return { at: loupe.at, photosites };
}

/** Share of the bar that the best seen sharpness stands at: there is room for better. */
const BEST_SHARE = 0.8;

/**
 * Sharpness in the loupe as shares of its bar, the best seen since it came to this place held;
 * returns how to stop.
 */
export function listenToSharpness(listener: (now: number, best: number) => void): () => void {
  let best = 0;
  let place: PicturePoint | null = null;
  return readingsStore.subscribe(() => {
    const reading = readingsStore.get()?.loupe;
    if (!reading) return;
    const { at, detail } = reading;
    if (at.x !== place?.x || at.y !== place.y) {
      place = at;
      best = 0;
    }
    best = Math.max(best, detail);
    if (best > 0) listener((BEST_SHARE * detail) / best, BEST_SHARE);
  });
}
