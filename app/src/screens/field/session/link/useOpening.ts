import { useCallback, useEffect } from 'react';
import { useFocusEffect, useLocalSearchParams } from 'expo-router';
import { settingsFromLink, type LinkQuery, type Settings } from '@velmo/core/settings';
import { lyingThere } from '../../../../camera/live/firstCanvas';
import { firstShotOf } from '../../../../camera/simulated/live/earlyShot';
import type { CameraChoice } from '../../../../storage/kept/cameraChoice';
import { keptOpening, noteOpening } from '../../../../storage/kept/keptOpening';
import { DEFAULT_PREFERENCES } from '../../../../storage/kept/preferences';
import { sweepHalves } from '../../../../storage/frames/frames';
import { chooseLook } from '../../../../theme/applyLook';
import { plateOf } from '../../../../theme/plates';
import { windowPlace } from '../../windowPlace';
import { session } from '../fieldSession';
import { fieldStore, readingsStore, type Notice } from '../fieldState';
import { noteObeyed } from './obeyedLink';
import { LENS_IDS, openingOf } from './opening';

/** Where the drill that a link asks for begins; where there is none, the link's own place. */
async function drillFromLink(
  query: LinkQuery,
  before: { readonly choice: CameraChoice; readonly settings: Settings },
): Promise<{ choice: CameraChoice; settings: Settings; problem: string | null }> {
  const { drill, round } = query;
  try {
    const { beginDrill } = await import('../../../learn');
    const begun = await beginDrill(drill!, round, before);
    // What else the link asks for is laid over what the drill begins with.
    if (begun)
      return {
        choice: begun.choice,
        settings: settingsFromLink(query, begun.settings, LENS_IDS).settings,
        problem: null,
      };
  } catch {
    // Its part could not be loaded.
  }
  return { ...before, problem: `drill=${drill!.slice(0, 24)}` };
}

/** Whoever waits for longer is told what for. */
const SLOW_MS = 1500;
const SLOW: Notice = {
  text: 'What this device has kept does not answer yet. Field opens with it, or without after ten seconds.',
};

/** The same, with a word while it takes long. */
async function saidWhenSlow<T>(work: Promise<T>): Promise<T> {
  const slow = setTimeout(() => fieldStore.update((s) => ({ ...s, notice: SLOW })), SLOW_MS);
  try {
    return await work;
  } finally {
    clearTimeout(slow);
    fieldStore.update((s) => (s.notice === SLOW ? { ...s, notice: null } : s));
  }
}

/** Fastest that scene time may run against the clock. */
const MAX_HASTE = 600;

/** `clock=60`: scene time runs sixty times faster. Null when it cannot be read. */
function hasteFromLink({ clock }: LinkQuery): number | null {
  if (clock === undefined) return 1;
  return /^\d+$/.test(clock) && Number(clock) >= 1 && Number(clock) <= MAX_HASTE
    ? Number(clock)
    : null;
}

/**
 * Opens the camera while Field is in front, and closes it when Field is left. A link is obeyed
 * once: coming back from a frame finds Field as it was.
 */
export function useOpening(): void {
  const link = JSON.stringify(useLocalSearchParams());
  useFocusEffect(
    useCallback(() => {
      let left = false;
      const open = async (): Promise<void> => {
        if (session.remembered.obeyedLink === link) {
          await session.openCamera(fieldStore.get().choice);
          return;
        }
        const kept = await saidWhenSlow(keptOpening());
        const { preferences } = kept;
        const { query, problems, ...plain } = openingOf(link, kept);
        const drill = query.drill === undefined ? null : await drillFromLink(query, plain);
        const { choice, settings, problem } = drill ?? { ...plain, problem: null };
        const haste = hasteFromLink(query);
        if (left) return;
        session.remembered.obeyedLink = link;
        chooseLook((preferences ?? DEFAULT_PREFERENCES).screen);
        void noteObeyed(link, choice, settings);
        fieldStore.update((s) => ({
          ...s,
          settings,
          preferences: preferences ?? DEFAULT_PREFERENCES,
          haste: haste ?? 1,
          sheet: null,
          activeTape: null,
          loupe: null,
          depth: 'off',
        }));
        await session.openCamera(choice);
        const badClock = haste === null ? `clock=${query.clock?.slice(0, 24)}` : null;
        const unread = [...problems, problem, badClock].filter((p) => p !== null);
        if (unread.length > 0)
          fieldStore.update((s) => ({
            ...s,
            notice: {
              text: `The link asks for ${unread.join(', ')}: not understood, left as it was.`,
            },
          }));
      };
      void open();
      return () => {
        left = true;
        session.leaveField();
      };
    }, [link]),
  );
  useEffect(letGoWhileHidden, []);
  useEffect(noteWhenLeft, []);
  useEffect(reopenWhenPlugged, []);
  useEffect(sweepOnceShown, []);
}

/**
 * Removes what a tab left behind when it was closed while writing, after the first picture: nothing
 * depends on it being gone.
 */
function sweepOnceShown(): () => void {
  const stop = readingsStore.subscribe(() => {
    if (readingsStore.get() === null) return;
    stop();
    void sweepHalves().catch(() => {});
  });
  return stop;
}

/** A camera others may want is let go while the page is not seen, and opened again when it is. */
function letGoWhileHidden(): () => void {
  let letGo = false;
  const look = (seen: boolean): void => {
    const { phase, capabilities, choice } = fieldStore.get();
    if (!seen && phase === 'ready' && capabilities?.letGoWhenHidden) {
      letGo = true;
      session.closeCamera();
    } else if (seen && letGo) {
      letGo = false;
      void session.openCamera(choice);
    }
  };
  const onChange = (): void => look(!document.hidden);
  // A page that is left is kept whole by some browsers, and shown again without having been hidden.
  const onLeave = (): void => look(false);
  document.addEventListener('visibilitychange', onChange);
  window.addEventListener('pagehide', onLeave);
  window.addEventListener('pageshow', onChange);
  return () => {
    document.removeEventListener('visibilitychange', onChange);
    window.removeEventListener('pagehide', onLeave);
    window.removeEventListener('pageshow', onChange);
  };
}

/** Notes what the next first picture begins with whenever the page may be about to go. */
function noteWhenLeft(): () => void {
  const note = (): void => {
    // Before anything was opened there is nothing to go back to.
    if (session.remembered.obeyedLink === null) return;
    const { settings, preferences, choice, upright } = fieldStore.get();
    const kept = { settings, preferences, camera: choice };
    const next = openingOf('{}', kept);
    const shot =
      next.choice.device === 'simulated'
        ? firstShotOf(next.choice.scene, next.settings, upright)
        : null;
    const { screen } = preferences;
    const lay = plateOf(screen.plate).veil ? null : lyingThere(windowPlace(screen).place);
    noteOpening({ ...kept, shot, width: innerWidth, height: innerHeight, lay });
  };
  document.addEventListener('visibilitychange', note);
  window.addEventListener('pagehide', note);
  return () => {
    document.removeEventListener('visibilitychange', note);
    window.removeEventListener('pagehide', note);
  };
}

/** A camera that was missed is opened as soon as one is plugged in. */
function reopenWhenPlugged(): () => void {
  const onChange = (): void => {
    const { phase, refusal, choice } = fieldStore.get();
    const missed = refusal?.reason === 'lost' || refusal?.reason === 'missing';
    if (phase === 'refused' && missed && choice.device === 'browser')
      void session.openCamera(choice);
  };
  const { mediaDevices } = navigator;
  mediaDevices?.addEventListener?.('devicechange', onChange);
  return () => mediaDevices?.removeEventListener?.('devicechange', onChange);
}
