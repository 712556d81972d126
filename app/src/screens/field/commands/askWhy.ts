import { useFocusEffect } from 'expo-router';
import { useCallback } from 'react';
import { fieldStore, openNote, readingsStore, type WhyPart } from '../session/fieldState';
import { noteOfFinding, noteOfPart } from '../words/noteTopics';
import { findingsOf } from '../words/readingsText';

/** A press so long asks why. */
const LONG_MS = 550;
/** A finger that moves further than so many pixels turns something instead. */
const STILL_PX = 8;

/** Marks what tells a number, for those who ask why: to be spread into its view. */
export const why = (part: WhyPart): object => ({ dataSet: { why: part } });

/** The number an element belongs to, or null. */
export const whyPartOf = (element: Element | null): WhyPart | null =>
  (element?.closest<HTMLElement>('[data-why]')?.dataset.why as WhyPart | undefined) ?? null;

/** What weighs most of what the verdict found, or null. */
function weightiest(): string | null {
  const readings = readingsStore.get();
  const { settings, capabilities } = fieldStore.get();
  if (!readings) return null;
  return findingsOf(readings, settings, capabilities, null)[0]?.id ?? null;
}

/** Says where a number comes from, above the note that explains it. */
export function askWhy(part: WhyPart): void {
  const found = part === 'verdict' ? weightiest() : null;
  openNote(found ? noteOfFinding(found) : noteOfPart(part), part);
}

/** The click that ends a long press is not one. */
function swallowClick(): void {
  const swallow = (event: Event): void => event.stopPropagation();
  window.addEventListener('click', swallow, { capture: true, once: true });
  const leave = (): void => {
    // After the click that belongs to it, if there is one.
    setTimeout(() => window.removeEventListener('click', swallow, { capture: true }));
  };
  window.addEventListener('pointerup', leave, { once: true });
  window.addEventListener('pointercancel', leave, { once: true });
}

/** A long press on a number of Field asks why. */
export function useAskWhy(): void {
  const listen = useCallback(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let [x, y] = [0, 0];
    const letGo = (): void => clearTimeout(timer);
    const onDown = (event: PointerEvent): void => {
      letGo();
      const part = event.isPrimary && event.button === 0 && whyPartOf(event.target as Element);
      // Holding Expose makes a burst, so it can be asked why by key alone.
      if (!part || part === 'expose') return;
      [x, y] = [event.clientX, event.clientY];
      timer = setTimeout(() => {
        swallowClick();
        askWhy(part);
      }, LONG_MS);
    };
    const onMove = (event: PointerEvent): void => {
      if (Math.hypot(event.clientX - x, event.clientY - y) > STILL_PX) letGo();
    };
    window.addEventListener('pointerdown', onDown);
    window.addEventListener('pointermove', onMove);
    window.addEventListener('pointerup', letGo);
    window.addEventListener('pointercancel', letGo);
    return () => {
      letGo();
      window.removeEventListener('pointerdown', onDown);
      window.removeEventListener('pointermove', onMove);
      window.removeEventListener('pointerup', letGo);
      window.removeEventListener('pointercancel', letGo);
    };
  }, []);
  // Field stays behind the screens that are opened over it.
  useFocusEffect(listen);
}
