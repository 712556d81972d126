import type { CaptureProgress } from '../../../camera/device/CameraDevice';
import { fieldStore } from './fieldState';

/** One press of Expose: it has a shutter and a progress of its own. */
export interface Press {
  readonly shutter: AbortController;
  progress: CaptureProgress | null;
  /** It makes several frames, and goes on while they are looked at. */
  isSeries: boolean;
}

const presses: Press[] = [];

/** An open shutter is shown first, because a press closes it; then whatever is oldest. */
function tell(): void {
  const shown = openPress() ?? presses[0];
  fieldStore.update((s) => ({
    ...s,
    pending: presses.length,
    progress: shown?.progress ?? null,
  }));
}

export const openPress = (): Press | undefined => presses.find(({ progress }) => progress?.open);

export function beginPress(): Press {
  const press: Press = { shutter: new AbortController(), progress: null, isSeries: false };
  presses.push(press);
  tell();
  return press;
}

export function tellProgress(press: Press, progress: CaptureProgress): void {
  press.progress = progress;
  tell();
}

export function endPress(press: Press): void {
  presses.splice(presses.indexOf(press), 1);
  tell();
  if (press.isSeries) onSeriesEnd();
}

let onSeriesEnd: () => void = () => {};

export const seriesUnderWay = (): boolean => presses.some(({ isSeries }) => isSeries);

/** Who is told when a series has ended. */
export function whenSeriesEnds(listener: () => void): void {
  onSeriesEnd = listener;
}

/** Why a shutter was closed that nobody pressed. */
export const CAMERA_GOES = 'the camera was let go';

/** Closes every shutter: the camera is about to go. */
export function closeShutters(): void {
  for (const { shutter } of presses) shutter.abort(CAMERA_GOES);
}
