import { CLICKS_PER_STOP, formatSignedThirds } from '@velmo/core/exposure';
import type { SeriesOutcome } from '../../../camera/device/calibration';
import type { CameraLight } from '../../../storage/kept/cameraLight';
import { session } from '../session/fieldSession';
import { fieldStore, say } from '../session/fieldState';

/** Keeps another calibration of the camera at hand. */
export function setLight(change: (now: CameraLight) => CameraLight): void {
  const calibration = session.camera?.calibration;
  if (!calibration) return;
  calibration.set(change(calibration.light));
  fieldStore.update((s) => ({ ...s, light: calibration.light }));
}

/** Takes a guided series; the response it leads to is kept. */
export async function recoverLight(
  onProgress: (share: number) => void,
  stop: AbortSignal,
): Promise<SeriesOutcome> {
  const calibration = session.camera?.calibration;
  if (!calibration) return 'stopped';
  const outcome = await calibration.recover(onProgress, stop).catch(() => 'stopped' as const);
  fieldStore.update((s) => ({ ...s, light: s.light && calibration.light }));
  return outcome;
}

/** Farthest a grey card may move mid-grey: what reads farther off is none. */
const MAX_GREY_STOPS = 4;

/** What the meter reads becomes mid-grey. */
export function takeGreyCard(): void {
  const calibration = session.camera?.calibration;
  const reading = calibration?.reading();
  if (!calibration || !reading) return;
  const greyStops = calibration.light.greyStops + reading.meterStops;
  if (Math.abs(greyStops) > MAX_GREY_STOPS) {
    say('That lies more than four stops from mid-grey: no grey card in this light would.');
    return;
  }
  setLight((now) => ({ ...now, greyStops }));
  const clicks = Math.round(reading.meterStops * CLICKS_PER_STOP);
  say(`Mid-grey moved by ${formatSignedThirds(clicks)}: the card reads 0 now.`);
}

/**
 * The light as EV by this camera's own exposure in clicks, offset included where there is one; null
 * where it is not told.
 */
export function evClickNow(): number | null {
  const calibration = session.camera?.calibration;
  const ev = calibration?.reading()?.ev100 ?? null;
  if (ev === null) return null;
  return Math.round((ev + (calibration?.light.evOffset ?? 0)) * CLICKS_PER_STOP);
}

/** Another meter reads so much of the same thing: this one agrees from now on. */
export function agreeWithMeter(ev100: number): void {
  const own = session.camera?.calibration?.reading()?.ev100 ?? null;
  if (own === null) return;
  setLight((now) => ({ ...now, evOffset: ev100 - own }));
}
