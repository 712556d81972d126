import { useCallback, useEffect } from 'react';
import { useFocusEffect, useLocalSearchParams } from 'expo-router';
import { findScene } from '@velmo/core/scene';
import { LENSES } from '@velmo/core/optics';
import {
  DEFAULT_SETTINGS,
  settingsFromLink,
  type LinkQuery,
  type Settings,
} from '@velmo/core/settings';
import { loadCurrentRoll } from '../../../../storage/rolls/currentRoll';
import { DEFAULT_PREFERENCES, lastPreferences } from '../../../../storage/kept/preferences';
import { lastSettings } from '../../../../storage/kept/settingsStore';
import { sweepHalves } from '../../../../storage/frames/frames';
import { lastCamera, type CameraChoice } from '../../../../storage/kept/cameraChoice';
import { chooseLook } from '../../../../theme/applyLook';
import { session } from '../fieldSession';
import { DEFAULT_SCENE, fieldStore, readingsStore } from '../fieldState';
import { linkQuery } from './linkQuery';
import { leftAt, noteObeyed } from './obeyedLink';

const LENS_IDS = LENSES.map((l) => l.id);

/** The place that was looked at last, as it is outside of drills. */
const inUsualLight = (last: CameraChoice): CameraChoice =>
  last.device === 'simulated'
    ? { ...last, scene: findScene(last.scene)?.place ?? last.scene }
    : last;

/** The camera a link asks for; where it asks for none, that of last time. */
function choiceFromLink(
  query: LinkQuery,
  last: CameraChoice | null,
): { choice: CameraChoice; problem: string | null } {
  if (query.device === 'browser')
    return {
      choice: last?.device === 'browser' ? last : { device: 'browser' },
      problem: null,
    };
  const isKnown = last?.device === 'browser' || (last && findScene(last.scene) !== undefined);
  if (query.device === undefined && query.scene === undefined && last && isKnown)
    return { choice: inUsualLight(last), problem: null };
  const known = query.scene === undefined || findScene(query.scene) !== undefined;
  return {
    choice: { device: 'simulated', scene: known ? (query.scene ?? DEFAULT_SCENE) : DEFAULT_SCENE },
    problem: known ? null : `scene=${query.scene?.slice(0, 24)}`,
  };
}

/** Where the drill that a link asks for begins; where there is none, the link's own place. */
async function drillFromLink(
  query: LinkQuery,
  choice: CameraChoice,
  settings: Settings,
): Promise<{ choice: CameraChoice; settings: Settings; problem: string | null }> {
  const { drill, round } = query;
  const before = { choice, settings };
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

/** Fastest that scene time may run against the clock. */
const MAX_HASTE = 600;

/** `clock=60`: scene time runs sixty times faster. Null when it cannot be read. */
function hasteFromLink({ clock }: LinkQuery): number | null {
  if (clock === undefined) return 1;
  return /^\d+$/.test(clock) && Number(clock) >= 1 && Number(clock) <= MAX_HASTE
    ? Number(clock)
    : null;
}

/** Settings a link leads to: last time's, with what the link asks for on top. */
async function settingsFor(query: LinkQuery) {
  const base = (await lastSettings()) ?? DEFAULT_SETTINGS;
  const known = LENS_IDS.includes(base.lens) ? base : { ...base, lens: DEFAULT_SETTINGS.lens };
  return settingsFromLink(query, known, LENS_IDS);
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
        const before = leftAt(link);
        const query = before ? {} : linkQuery(JSON.parse(link) as Record<string, unknown>);
        const [{ settings: asked, problems }, preferences, last] = await Promise.all([
          settingsFor(query),
          lastPreferences(),
          lastCamera(),
          loadCurrentRoll(),
        ]);
        const plain = choiceFromLink(query, before ?? last);
        const drill =
          query.drill === undefined ? null : await drillFromLink(query, plain.choice, asked);
        const { choice, problem } = drill ?? plain;
        const haste = hasteFromLink(query);
        if (left) return;
        session.remembered.obeyedLink = link;
        chooseLook((preferences ?? DEFAULT_PREFERENCES).screen);
        const settings = drill?.settings ?? asked;
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
