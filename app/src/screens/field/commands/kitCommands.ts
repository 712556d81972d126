import equal from 'fast-deep-equal';
import {
  fitted,
  takenBack,
  withParts,
  type Kit,
  type LightSeen,
  type SetUp,
  type StartingPoint,
} from '@velmo/core/kits';
import type { Settings } from '@velmo/core/settings';
import type { CameraCapabilities } from '../../../camera/device/capabilities';
import type { Readings } from '../../../camera/device/readings';
import { appliedKitStore, type AppliedKit } from '../session/appliedKit';
import { session } from '../session/fieldSession';
import { fieldStore, readingsStore, say } from '../session/fieldState';
import { changeMonitors } from '../session/preferencesNow';
import { changedWords, insteadWords, type Instead, type WordsFor } from '../words/settingsWords';
import { seenCoverage } from './coverScene';

/** Everything that is set now. */
export function setUpNow(): SetUp {
  const { settings, preferences } = fieldStore.get();
  return { settings, monitors: preferences.monitors };
}

const wordsFor = (capabilities: CameraCapabilities): WordsFor => ({
  unit: fieldStore.get().preferences.focusing.unit,
  sharpHalfWidth: (settings) => capabilities.focus(settings)?.sharpHalfWidth ?? null,
});

/** What a kit has done: first what the light and the camera made otherwise than it says. */
function doneWords(
  changed: readonly string[],
  here: readonly Instead[],
  missing: readonly Instead[],
): string {
  const told = new Set([...here, ...missing].map(({ got }) => got));
  const rest = changed.filter((words) => !told.has(words));
  const list = (start: string, instead: readonly Instead[]): string[] =>
    instead.length > 0 ? [`${start} ${instead.map(({ words }) => words).join(', ')}`] : [];
  const sentences = [
    ...list('here', here),
    ...list('with this camera', missing),
    ...(rest.length > 0 ? [rest.join(', ')] : []),
  ];
  return sentences.length > 0 ? `${sentences.join('; ')}.` : 'all of it was set already.';
}

/** Tells what a kit has done, and offers the way back. */
function tellApplied(kit: AppliedKit): void {
  appliedKitStore.set(kit);
  say(`${kit.name}: ${kit.words}`, { label: 'Take back', run: takeKitBack });
}

/** One tap takes back what the kit applied last has changed; what was changed since stays. */
export function takeKitBack(): void {
  const kit = appliedKitStore.get();
  if (!kit) return;
  const { before, after } = kit;
  session.changeSettings((now) => takenBack(now, before.settings, after.settings));
  if (!equal(before.monitors, after.monitors)) changeMonitors(before.monitors);
  appliedKitStore.set(null);
  say(`${kit.name} is taken back.`);
}

/** Sets what a kit holds, as far as the camera can be given it, and says what that changed. */
export function applyKit(kit: Kit): void {
  const { capabilities } = fieldStore.get();
  if (!capabilities) return say('There is no camera to set.');
  const before = setUpNow();
  const wanted = withParts(before.settings, kit.parts, kit.settings);
  const settings = fitted(wanted, before.settings, capabilities);
  const holdsMarks = kit.parts.includes('marks');
  const after = { settings, monitors: holdsMarks ? kit.monitors : before.monitors };
  session.changeSettings(() => settings);
  if (holdsMarks) changeMonitors(kit.monitors);
  const words = wordsFor(capabilities);
  const changed = changedWords(before.settings, settings, words);
  if (!equal(before.monitors, after.monitors)) changed.push('marks');
  const missing = insteadWords(wanted, settings, words);
  tellApplied({ name: kit.name, words: doneWords(changed, [], missing), before, after, meant: {} });
}

/** How long light is waited for. */
const READ_MS = 8000;

/** The first readings that show these settings, sharp; after a while whatever there is. */
function readingsWith(applied: number): Promise<Readings | null> {
  const shows = (readings: Readings | null): boolean =>
    readings !== null && readings.applied >= applied && readings.refined;
  return new Promise((resolve) => {
    const end = (): void => {
      clearTimeout(timer);
      leave();
      resolve(readingsStore.get());
    };
    const timer = setTimeout(end, READ_MS);
    const leave = readingsStore.subscribe(() => {
      if (shows(readingsStore.get())) end();
    });
  });
}

/** The darkest tone of a frame that is to hold all the light has this signal to noise. */
const SHADOW_SNR = 2;

/** The light as it is read with these settings. */
async function lightSeen(
  point: StartingPoint,
  settings: Settings,
  capabilities: CameraCapabilities,
): Promise<LightSeen> {
  const readings = await readingsWith(fieldStore.get().applied);
  // A camera that holds next to nothing cannot be covered: the bracket stays as it usually is.
  const seen = point.asksCoverage ? await seenCoverage(SHADOW_SNR).catch(() => null) : null;
  return {
    lightClicks: readings?.lightClicks ?? null,
    white: readings?.white ?? null,
    context: capabilities.exposureContext(settings, readings),
    coverage: seen?.coverage ?? null,
  };
}

/**
 * Sets where a kind of picture begins: first as usual, then, once the light has been read so, as
 * the light wants it. What is changed by hand meanwhile stays as it is.
 */
export async function applyStartingPoint(point: StartingPoint): Promise<void> {
  const { capabilities } = fieldStore.get();
  if (!capabilities) return say('There is no camera to set.');
  const before = setUpNow();
  const reach = (wanted: Settings): Settings => fitted(wanted, before.settings, capabilities);
  const wanted = withParts(
    before.settings,
    point.parts,
    point.begin(before.settings, capabilities),
  );
  const begun = reach(wanted);
  session.changeSettings(() => begun);
  const monitors = point.monitors?.(before.monitors) ?? before.monitors;
  if (point.monitors) changeMonitors(monitors);
  let settings = begun;
  if (point.fit) {
    say(`${point.name}: reading the light …`);
    const light = await lightSeen(point, begun, capabilities);
    // The photographer has changed something meanwhile: that stands.
    const isUntouched = fieldStore.get().settings === begun;
    if (isUntouched) session.changeSettings((s) => reach(point.fit!(s, light, capabilities)));
    settings = fieldStore.get().settings;
  }
  const words = wordsFor(capabilities);
  const changed = changedWords(before.settings, settings, words);
  const after = { settings, monitors };
  if (!equal(before.monitors, after.monitors)) changed.push('marks');
  const here = insteadWords(begun, settings, words);
  const missing = insteadWords(wanted, begun, words);
  const { name, meant } = point;
  tellApplied({ name, words: doneWords(changed, here, missing), before, after, meant });
}
