import { useFocusEffect } from 'expo-router';
import { useCallback } from 'react';
import { GRIDS } from '@velmo/core/aids';
import { DEPTH_LOOKS } from '@velmo/core/monitor';
import {
  closeSheet,
  fieldStore,
  openNote,
  readingsStore,
  showDepth,
  toggleSheet,
} from '../session/fieldState';
import { session } from '../session/fieldSession';
import { shutterDown, shutterUp } from './remoteKeys';
import { holdAll } from './seriesCommands';
import { leavePinAtSpot } from './pins';
import { showLevel } from '../aids/levelStore';
import { PLATE_IDS } from '../../../theme/plates';
import { changeAids, changeMonitors, changeScreen } from '../session/preferencesNow';
import { pushExposureRight } from './pushRight';
import { activate } from './activeTape';
import { findFocus } from './focusCommands';
import { closeLoupe, toggleLoupe } from '../window/loupeView';
import { neutralAt } from './whiteCommands';
import { noteOfSheet } from '../words/noteTopics';
import { askWhy, whyPartOf } from './askWhy';

/** Grids in the order their key goes through them. */
const NEXT_GRID = ['off', ...GRIDS] as const;

/**
 * Keys of Field, wherever the focus is, except where something is typed. Instruments have keys of
 * their own.
 */
const KEYS: Readonly<Record<string, () => void>> = {
  l: () => {
    if (readingsStore.get()?.ev100 != null) session.toggleLock();
  },
  p: leavePinAtSpot,
  m: () => toggleSheet('meter'),
  r: () => toggleSheet('rig'),
  v: () => toggleSheet('verdict'),
  w: () => {
    if (fieldStore.get().capabilities?.white) toggleSheet('white');
  },
  k: () => toggleSheet('marks'),
  f: () => toggleSheet('files'),
  s: () => toggleSheet('series'),
  t: () => toggleSheet('kits'),
  H: holdAll,
  j: () => toggleSheet('focus'),
  g: findFocus,
  o: toggleLoupe,
  e: () => {
    const { peaking } = fieldStore.get().preferences.monitors;
    changeMonitors({ peaking: peaking === 'always' ? 'focusing' : 'always' });
  },
  d: () => {
    const { depth, capabilities } = fieldStore.get();
    const next = (DEPTH_LOOKS.indexOf(depth) + 1) % DEPTH_LOOKS.length;
    if (capabilities?.hasDepth) showDepth(DEPTH_LOOKS[next]);
  },
  u: () => void pushExposureRight(),
  n: () => void neutralAt(fieldStore.get().settings.meter.spot),
  h: () => {
    const { pictureHistogram } = fieldStore.get().preferences.monitors;
    changeMonitors({ pictureHistogram: !pictureHistogram });
  },
  z: () => {
    const { zebra } = fieldStore.get().preferences.monitors;
    changeMonitors({ zebra: zebra ? null : { on: 'raw', clicksUnder: 0 } });
  },
  i: () => {
    const { grid } = fieldStore.get().preferences.aids;
    changeAids({ grid: NEXT_GRID[(NEXT_GRID.indexOf(grid) + 1) % NEXT_GRID.length] });
  },
  y: () => showLevel(!fieldStore.get().preferences.aids.level),
  c: () => fieldStore.update((s) => ({ ...s, marks: !s.marks })),
  '?': () => {
    const { sheet, note, activeTape } = fieldStore.get();
    const focused = whyPartOf(document.activeElement);
    if (sheet === 'note') toggleSheet(note.from ?? 'note');
    else if (focused) askWhy(focused);
    else if (sheet) openNote(noteOfSheet(sheet));
    else askWhy(activeTape ?? 'verdict');
  },
  Escape: () => {
    closeLoupe();
    closeSheet();
    activate(null);
  },
  q: () => {
    const { plate } = fieldStore.get().preferences.screen;
    changeScreen({ plate: PLATE_IDS[(PLATE_IDS.indexOf(plate) + 1) % PLATE_IDS.length] });
  },
  A: session.releaseAll,
};

/** Keys of Field, where nothing else has the focus that answers them. */
export function useKeys(): void {
  const listen = useCallback(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
      if (event.target instanceof HTMLInputElement) return;
      if (!shutterDown(event)) KEYS[event.key]?.();
    };
    window.addEventListener('keydown', onKey);
    window.addEventListener('keyup', shutterUp);
    return () => {
      window.removeEventListener('keydown', onKey);
      window.removeEventListener('keyup', shutterUp);
    };
  }, []);
  // Field stays behind the screens that are opened over it: its keys are not theirs.
  useFocusEffect(listen);
}
