import { findDrill, variationOf, type Best } from '@velmo/core/drill';
import { FIRST_SERIES } from '@velmo/core/series';
import { DEFAULT_SETTINGS, held, heldFocus, heldWhite, type Settings } from '@velmo/core/settings';
import type { Judged } from '../../../drill/judge.worker';
import { judgeFrames } from '../../../drill/judgeFrames';
import type { CameraChoice } from '../../../storage/kept/cameraChoice';
import { lastDrillProgress, noteDrill, NOT_TRIED } from '../../../storage/kept/drillProgress';
import { findFrame } from '../../../storage/frames/frames';
import { keepSettingsNow } from '../../../storage/kept/settingsStore';
import type { ListedFrame } from '../../../storage/frames/madeFrame';
import { changeDrill, drillStore, type DrillOutcome } from '../session/drilling';
import { session } from '../session/fieldSession';
import { fieldStore } from '../session/fieldState';

/** Where Field goes for a drill. */
interface DrillStart {
  readonly choice: CameraChoice;
  readonly settings: Settings;
}

/** Rounds that a link can ask for. */
const MAX_ROUND = 9999;

/**
 * Begins a drill by its id and round as a link has them; null where there is no such drill.
 *
 * @param before where Field was, to be gone back to
 */
export async function beginDrill(
  id: string,
  roundText: string | undefined,
  before: DrillStart,
): Promise<DrillStart | null> {
  const drill = findDrill(id);
  if (!drill) return null;
  const { drills } = await lastDrillProgress();
  const record = drills[id] ?? NOT_TRIED;
  const asked = /^\d+$/.test(roundText ?? '') ? Number(roundText) : record.round;
  const round = Math.min(MAX_ROUND, asked);
  const { sceneId, dx, dy } = variationOf(drill, round);
  const { title, wish, note } = drill;
  drillStore.set({
    ...{ id, round, title, wish, note, picks: drill.picks === true },
    ...{ scene: sceneId, dx, dy },
    bestScore: record.best,
    tries: record.tries,
    beganMs: Date.now(),
    before: drillStore.get()?.before ?? before,
    tried: [],
    settings: null,
    outcome: null,
  });
  void noteDrill(id, (was) => ({ ...was, round }));
  session.shutter.onPressEnded = (frames) => void afterPress(frames);
  return {
    choice: { device: 'simulated', scene: sceneId },
    settings: { ...DEFAULT_SETTINGS, ...drill.rig },
  };
}

/** Back to where Field was before the drill; resolves once that is kept, too. */
export async function endDrill(): Promise<void> {
  const drill = drillStore.get();
  if (!drill) return;
  const { choice, settings } = drill.before;
  drillStore.set(null);
  session.changeSettings(() => settings);
  // What cannot be kept is set all the same.
  await keepSettingsNow(settings).catch(() => {});
  await session.openCamera(choice);
}

async function afterPress(frames: readonly ListedFrame[]): Promise<void> {
  const drill = drillStore.get();
  if (!drill || session.remembered.exposesBest) return;
  const { settings } = fieldStore.get();
  const outcome: DrillOutcome = drill.picks ? { kind: 'pick' } : { kind: 'judging' };
  changeDrill({ tried: frames, settings, outcome });
  if (!drill.picks) await judgeTry(frames, 0);
}

/** Has the last press judged, and says what came of it. */
async function judgeTry(frames: readonly ListedFrame[], pick: number): Promise<void> {
  const { id, beganMs } = drillStore.get()!;
  const seconds = Math.round((Math.max(...frames.map(madeAt)) - beganMs) / 1000);
  changeDrill({ outcome: { kind: 'judging' } });
  const judged = await judgeFrames(id, frames, pick);
  // Another press, or another drill, may have come meanwhile.
  if (drillStore.get()?.tried !== frames) return;
  if ('refusal' in judged) {
    changeDrill({ outcome: { kind: 'refused', words: judged.refusal } });
    return;
  }
  const { best, tries } = await noteDrill(id, (was) => ({
    ...was,
    best: Math.max(was.best ?? 0, judged.score),
    tries: was.tries + 1,
  }));
  const { score } = judged;
  const outcome = {
    kind: 'judged',
    score,
    words: wordsOf(judged, seconds),
    best: judged.best,
  } as const;
  changeDrill({ bestScore: best, tries, outcome });
}

const madeAt = ({ record }: ListedFrame): number => record.capturedAt;

/** "79 of 100. The white heap is 1/3 stop too dark. In 41 s." */
export function wordsOf(judged: Exclude<Judged, { refusal: string }>, seconds: number): string {
  const [dearest] = judged.costs;
  const why = dearest?.words ?? 'Nothing better was to be had.';
  return `${judged.score} of 100. ${why} In ${Math.max(0, seconds)} s.`;
}

/** Judges the one frame of the last press that was kept in the roll. */
export async function judgePick(): Promise<void> {
  const drill = drillStore.get();
  if (!drill) return;
  const frames = await Promise.all(drill.tried.map(({ record }) => findFrame(record.id)));
  const kept = frames.flatMap((frame, i) => (frame?.decision.choice === 'kept' ? [i] : []));
  if (kept.length === 1) return judgeTry(drill.tried, kept[0]);
  const words =
    kept.length === 0
      ? 'None of them is kept. Open the roll, keep the sharpest, and come back.'
      : `${kept.length} of them are kept. Keep one alone.`;
  changeDrill({ outcome: { kind: 'refused', words } });
}

/** Settings that make the best frame there was. */
function bestSettings(mine: Settings, { choice, bracket }: Best): Settings {
  return {
    ...mine,
    time: held(choice.timeClick),
    iso: held(choice.isoClick),
    compClicks: 0,
    focus: heldFocus(choice.focusDioptres),
    white: heldWhite(choice.white),
    series: bracket ? { kind: 'bracket', ...bracket } : FIRST_SERIES.single,
    delayS: 0,
  };
}

/**
 * Exposes the best frame there was beside one's own; ids of both, or null where it could not be
 * made.
 */
export async function exposeBest(): Promise<readonly [string, string] | null> {
  const drill = drillStore.get();
  if (drill?.outcome?.kind !== 'judged') return null;
  const mine = fieldStore.get().settings;
  const { best } = drill.outcome;
  session.remembered.exposesBest = true;
  try {
    session.changeSettings(() => bestSettings(mine, best));
    const [made] = await session.shutter.press();
    return made ? [drill.tried[0].record.id, made.record.id] : null;
  } finally {
    session.changeSettings(() => mine);
    session.remembered.exposesBest = false;
  }
}
