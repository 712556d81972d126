import type { Finding } from '@velmo/core/verdict';
import type { Readings } from '../../../camera/device/readings';
import { useStill } from '../../../instruments/gestures/useStill';
import { derivedStore, type ReadableStore } from '../../../state/derivedStore';
import { useValue } from '../../../state/store';
import { foreseenNow } from '../series/foreseen';
import { fieldStore, readingsStore } from '../session/fieldState';
import { findingsOf } from './readingsText';
import { steadyFindings } from './steadyFindings';

const NONE: readonly Finding[] = [];

/**
 * What the verdict finds. While a frame made with older settings is still on screen, what was said
 * before stands: rules must not mix the settings of one frame with the readings of another.
 */
function findings(): ReadableStore<readonly Finding[]> {
  const steady = steadyFindings();
  let judged: Readings | null = null;
  return derivedStore(
    [readingsStore],
    () => {
      const readings = readingsStore.get();
      if (!readings || readings.applied >= fieldStore.get().applied) judged = readings;
      return [judged];
    },
    () => {
      if (!judged) return NONE;
      const { settings, capabilities } = fieldStore.get();
      const forecast = foreseenNow.get()?.forecast ?? null;
      return steady(findingsOf(judged, settings, capabilities, forecast), judged.applied);
    },
  );
}

const findingsNow = findings();

/**
 * What the verdict found, most important first; renders again only when its words change, and not
 * under a finger.
 */
export const useFindings = (): readonly Finding[] => useStill(useValue(findingsNow));
