import type { PicturePoint } from '@velmo/core/exposure';
import { dioptresOf } from '@velmo/core/optics';
import { AUTO_FOCUS, heldFocus, type Settings } from '@velmo/core/settings';
import type { FocusControl } from '../../../camera/device/capabilities';
import type { FocusReading } from '../../../camera/device/readings';
import { session } from '../session/fieldSession';
import { fieldStore, readingsStore, say, type FieldState } from '../session/fieldState';

/** How focus is moved now; null where the camera keeps it to itself, or there is none. */
export const focusControl = ({ capabilities, settings }: FieldState): FocusControl | null =>
  capabilities?.focus(settings) ?? null;

/**
 * Where the lens stands, in dioptres: as held, or as the camera says; null where neither is known.
 */
export function dioptresNow(): number | null {
  const state = fieldStore.get();
  const { focus } = state.settings;
  const reading = readingsStore.get()?.focus;
  if (reading?.state === 'fixed') return reading.dioptres;
  if (focus.mode !== 'held') return reading?.dioptres ?? null;
  // A lens stands no nearer than it can, whatever it is asked for.
  const control = focusControl(state);
  if (!control?.range) return focus.dioptres;
  const nearest = control.dioptresOf(control.range.min);
  const farthest = control.dioptresOf(control.range.max);
  return Math.min(nearest, Math.max(farthest, focus.dioptres));
}

/** Holds focus where it is put. */
export const holdFocus = (dioptres: number): void =>
  session.changeSettings((s) => ({ ...s, focus: heldFocus(dioptres) }));

/** Gives focus back to the camera, in the middle of the picture. */
export const releaseFocus = (): void =>
  session.changeSettings((s) => ({ ...s, focus: AUTO_FOCUS }));

/** Focuses at a place in the picture, and goes on following it or not, as before. */
export function focusAt(spot: PicturePoint): void {
  const { settings, capabilities } = fieldStore.get();
  if (!capabilities?.focus(settings)?.findsAtPlace) return;
  session.changeSettings((s) => ({
    ...s,
    focus: { mode: 'auto', spot, follow: s.focus.mode === 'auto' && s.focus.follow },
  }));
}

/** Whether focus follows the picture, or stays where it was found. */
export const followFocus = (follow: boolean): void =>
  session.changeSettings((s) => ({
    ...s,
    focus: s.focus.mode === 'auto' ? { ...s.focus, follow } : { ...AUTO_FOCUS, follow },
  }));

/** Keeps the lens where it stands. */
export function holdFocusHere(): void {
  const dioptres = dioptresNow();
  if (dioptres !== null) holdFocus(dioptres);
}

/** Holds focus at the hyperfocal distance; says so where there is none. */
export function toHyperfocal(): void {
  const control = focusControl(fieldStore.get());
  if (control?.hyperfocalM != null && control.range) holdFocus(dioptresOf(control.hyperfocalM));
}

/** Looks for focus again where it was last looked for. */
export const findFocus = (): void => {
  const { focus } = fieldStore.get().settings;
  if (focus.mode === 'held') releaseFocus();
  else void session.camera?.refocus?.();
};

const FAILED: Partial<Record<FocusReading['state'], string>> = {
  dark: 'Too dark to find focus there. Tap something lit, or turn the Focus tape.',
  flat: 'Nothing there to focus on. Tap an edge or a texture, or turn the Focus tape.',
};

/**
 * Somebody has said where to focus; a search nobody has asked for fails in the tape's word alone.
 */
const wasAsked = ({ focus }: Settings): boolean =>
  focus.mode === 'auto' && (focus.spot.x !== 0.5 || focus.spot.y !== 0.5);

/** Says so when a search for focus has failed where it was asked for; returns how to stop. */
export function watchFocus(): () => void {
  let before: FocusReading['state'] | undefined;
  return readingsStore.subscribe(() => {
    const state = readingsStore.get()?.focus?.state;
    if (state === before) return;
    const words = state && FAILED[state];
    if (words && before !== undefined && wasAsked(fieldStore.get().settings)) say(words);
    before = state;
  });
}
