import { BURST_FRAMES, FIRST_SERIES, planOf, seriesFrames, type Series } from '@velmo/core/series';
import type { Settings } from '@velmo/core/settings';
import { capture } from '../../../camera/capture';
import { steppedCamera } from '../../../camera/device/steppedCamera';
import type { CameraCapabilities } from '../../../camera/device/capabilities';
import type { CameraDevice, CaptureProgress } from '../../../camera/device/CameraDevice';
import type { Store } from '../../../state/store';
import type { ListedFrame } from '../../../storage/frames/madeFrame';
import { currentRollStore } from '../../../storage/rolls/currentRoll';
import { addUnsaved, storeUnsaved } from '../../../storage/unsaved';
import { readySound } from './beep';
import { countDown } from './countdown';
import { say, type FieldState } from './fieldState';
import { changeNaming } from './preferencesNow';
import { CAMERA_GOES, type Press, type Presses } from './presses';

/** Most captures that may be under way at once: each holds its frame in memory. */
export const MAX_PENDING = 3;

/** While Expose is held the frames of a burst come, and end when it is let go. */
const HELD_BURST = { kind: 'burst', frames: BURST_FRAMES.max } as const;

/** What a shutter belongs to. */
interface Exposing {
  readonly state: Store<FieldState>;
  readonly presses: Presses;
  readonly camera: CameraDevice | null;
}

/** What Expose does. */
export class Shutter {
  /** Told when a frame has been stored. */
  onStored: (frame: ListedFrame) => void = () => {};
  /** Told which frames a press has made, once it has ended. */
  onPressEnded: (frames: readonly ListedFrame[]) => void = () => {};

  constructor(private readonly session: Exposing) {}

  /** Expose is held: a burst begins, which `letGo` ends. */
  readonly hold = (): void => {
    if (!this.session.presses.open) void this.press(HELD_BURST);
  };

  readonly letGo = (): void => this.session.presses.open?.shutter.abort();

  /**
   * Exposes what is planned; while a shutter is open, a countdown runs or a series is made, ends
   * it. The picture stays live meanwhile.
   *
   * @param series instead of that of the settings
   * @returns the frames it has made; none where it ended another, or made nothing
   */
  readonly press = async (series?: Series): Promise<readonly ListedFrame[]> => {
    const { state, presses, camera } = this.session;
    if (presses.open) {
      presses.open.shutter.abort();
      return [];
    }
    const { settings, pending, preferences } = state.get();
    if (!camera || pending >= MAX_PENDING) return [];
    if (preferences.screen.shutterSound) readySound();
    const press = presses.begin();
    state.update((s) => ({ ...s, notice: null }));
    try {
      // A burst that is held begins at once, without the delay.
      if (series || settings.delayS === 0 || (await this.waited(press, settings.delayS)))
        return await this.expose(press, series);
    } catch (error) {
      const text = error instanceof Error ? error.message : 'The frame could not be made.';
      state.update((s) => ({ ...s, notice: { text } }));
    } finally {
      presses.end(press);
    }
    return [];
  };

  private waited(press: Press, delayS: number): Promise<boolean> {
    const { state, presses } = this.session;
    readySound();
    const tell = (leftS: number): void =>
      presses.tellProgress(press, {
        share: 1 - leftS / delayS,
        stage: `In ${leftS} s`,
        open: true,
      });
    return countDown(delayS, state, tell, press.shutter.signal);
  }

  /** Makes and keeps the frames of a press, with the settings as they now are. */
  private async expose(press: Press, series?: Series): Promise<readonly ListedFrame[]> {
    const { state, presses, camera } = this.session;
    const { preferences, capabilities, settings: now } = state.get();
    const settings = series ? { ...now, series } : now;
    if (!camera || !capabilities) return [];
    const { naming, focusing } = preferences;
    const roll = currentRollStore.get();
    const plan = planOf(possibleHere(settings, capabilities), {
      focusFirst: focusing.beforeCapture,
      averages: capabilities.averages,
    });
    const { sharpHalfWidth } = steppedCamera(capabilities, settings);
    const count = seriesFrames(plan.settings, sharpHalfWidth);
    press.isSeries = count > 1 || plan.gathering.kind === 'long';
    changeNaming({ count: naming.count + count }, state);
    const missed: number[] = [];
    const events = {
      onProgress: (progress: CaptureProgress) => presses.tellProgress(press, progress),
      onNotStored: addUnsaved,
      onMissed: (step: number) => missed.push(step + 1),
    };
    const made: ListedFrame[] = [];
    const stop = press.shutter.signal;
    try {
      for await (const frame of capture(camera, plan, roll, naming, events, stop)) {
        made.push(frame);
        this.onStored(frame);
        void storeUnsaved();
      }
    } catch (error) {
      const why = error instanceof Error ? error.message : 'The next could not be made.';
      throw made.length > 0
        ? new Error(`The series ended after ${made.length} of ${count}. ${why}`)
        : error;
    }
    if (made.length > 0) this.onPressEnded(made);
    if (made.length < count && stop.reason === CAMERA_GOES) {
      const text = `The series ended after ${made.length} of ${count}: ${CAMERA_GOES}. What was made is kept.`;
      state.update((s) => ({ ...s, notice: { text, stays: true } }));
      return made;
    }
    if (plan.settings.series.kind === 'burst')
      say(rateWords(made.map(({ record }) => record.capturedAt)), undefined, state);
    if (missed.length > 0) state.update((s) => ({ ...s, notice: { text: missedWords(missed) } }));
    return made;
  }
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
