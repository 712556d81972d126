import { BURST_FRAMES, FIRST_SERIES, planOf, seriesFrames, type Series } from '@velmo/core/series';
import type { Settings } from '@velmo/core/settings';
import { capture } from '../../../camera/capture';
import { steppedCamera } from '../../../camera/device/steppedCamera';
import type { CameraCapabilities } from '../../../camera/device/capabilities';
import type { CaptureProgress } from '../../../camera/device/CameraDevice';
import type { ListedFrame } from '../../../storage/madeFrame';
import { currentRollStore } from '../../../storage/rolls/currentRoll';
import { addUnsaved, storeUnsaved } from '../../../storage/unsaved';
import { readySound } from './beep';
import { countDown } from './countdown';
import { theCamera } from './fieldSession';
import { fieldStore, say } from './fieldState';
import { changeNaming } from './preferencesNow';
import { beginPress, CAMERA_GOES, endPress, openPress, tellProgress, type Press } from './presses';

/** Most captures that may be under way at once: each holds its frame in memory. */
export const MAX_PENDING = 3;

let onStored: (frame: ListedFrame) => void = () => {};

/** Who is told when a frame has been stored. */
export function whenStored(listener: (frame: ListedFrame) => void): void {
  onStored = listener;
}

let onPressEnded: (frames: readonly ListedFrame[]) => void = () => {};

/** Who is told which frames a press has made, once it has ended. */
export function whenPressEnded(listener: (frames: readonly ListedFrame[]) => void): void {
  onPressEnded = listener;
}

/** While Expose is held the frames of a burst come, and end when it is let go. */
const HELD_BURST = { kind: 'burst', frames: BURST_FRAMES.max } as const;

/** Expose is held: a burst begins, which `endHeld` ends. */
export function exposeWhileHeld(): void {
  if (!openPress()) void exposeFrame(HELD_BURST);
}

export function endHeld(): void {
  openPress()?.shutter.abort();
}

/**
 * Exposes what is planned; while a shutter is open, a countdown runs or a series is made, ends it.
 * The picture stays live meanwhile.
 */
export async function exposeFrame(series?: Series): Promise<void> {
  const open = openPress();
  if (open) {
    open.shutter.abort();
    return;
  }
  const { settings, pending } = fieldStore.get();
  if (!theCamera() || pending >= MAX_PENDING) return;
  if (fieldStore.get().preferences.screen.shutterSound) readySound();
  const press = beginPress();
  fieldStore.update((s) => ({ ...s, notice: null }));
  try {
    // One that is held is there already.
    if (series || settings.delayS === 0 || (await waited(press, settings.delayS)))
      await expose(press, series);
  } catch (error) {
    const text = error instanceof Error ? error.message : 'The frame could not be made.';
    fieldStore.update((s) => ({ ...s, notice: { text } }));
  } finally {
    endPress(press);
  }
}

function waited(press: Press, delayS: number): Promise<boolean> {
  readySound();
  const tell = (leftS: number): void =>
    tellProgress(press, { share: 1 - leftS / delayS, stage: `In ${leftS} s`, open: true });
  return countDown(delayS, tell, press.shutter.signal);
}

/** Makes and keeps the frames of a press, with the settings as they now are. */
async function expose(press: Press, series?: Series): Promise<void> {
  const device = theCamera();
  const { preferences, capabilities, settings: now } = fieldStore.get();
  const settings = series ? { ...now, series } : now;
  if (!device || !capabilities) return;
  const { naming, focusing } = preferences;
  const roll = currentRollStore.get();
  const plan = planOf(possibleHere(settings, capabilities), {
    focusFirst: focusing.beforeCapture,
    averages: capabilities.averages,
  });
  const { sharpHalfWidth } = steppedCamera(capabilities, settings);
  const count = seriesFrames(plan.settings, sharpHalfWidth);
  press.isSeries = count > 1 || plan.gathering.kind === 'long';
  changeNaming({ count: naming.count + count });
  const missed: number[] = [];
  const events = {
    onProgress: (progress: CaptureProgress) => tellProgress(press, progress),
    onNotStored: addUnsaved,
    onMissed: (step: number) => missed.push(step + 1),
  };
  const made: ListedFrame[] = [];
  const stop = press.shutter.signal;
  try {
    for await (const frame of capture(device, plan, roll, naming, events, stop)) {
      made.push(frame);
      onStored(frame);
      void storeUnsaved();
    }
  } catch (error) {
    const why = error instanceof Error ? error.message : 'The next could not be made.';
    throw made.length > 0
      ? new Error(`The series ended after ${made.length} of ${count}. ${why}`)
      : error;
  }
  if (made.length > 0) onPressEnded(made);
  if (made.length < count && press.shutter.signal.reason === CAMERA_GOES) {
    const text = `The series ended after ${made.length} of ${count}: ${CAMERA_GOES}. What was made is kept.`;
    fieldStore.update((s) => ({ ...s, notice: { text, stays: true } }));
    return;
  }
  if (plan.settings.series.kind === 'burst')
    say(rateWords(made.map(({ record }) => record.capturedAt)));
  if (missed.length > 0)
    fieldStore.update((s) => ({ ...s, notice: { text: missedWords(missed) } }));
}

/** A camera that cannot make a series makes one frame; one without a flash fires none. */
const possibleHere = (
  settings: Settings,
  { series, flash }: Pick<CameraCapabilities, 'series' | 'flash'>,
): Settings => ({
  ...settings,
  series: series.includes(settings.series.kind) ? settings.series : FIRST_SERIES.single,
  flash: flash.some((timing) => timing === settings.flash) ? settings.flash : 'off',
});

/** "10 frames, 12.4 a second." */
function rateWords(takenMs: readonly number[]): string {
  const seconds = (Math.max(...takenMs) - Math.min(...takenMs)) / 1000;
  const rate = (takenMs.length - 1) / seconds;
  return `${takenMs.length} frames${seconds > 0 ? `, ${rate.toFixed(1)} a second` : ''}.`;
}

const missedWords = (missed: readonly number[]): string =>
  missed.length === 1
    ? `Frame ${missed[0]} was not made: the one before it took longer than the interval.`
    : `${missed.length} frames were not made: those before them took longer than the interval.`;
