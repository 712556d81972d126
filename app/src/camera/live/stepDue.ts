import type { CaptureStep } from '@velmo/core/series';
import type { CaptureEvents } from '../device/CameraDevice';
import { whenDue } from './whenDue';

/**
 * Waits until a step of an interval is due, counted from the first frame so that nothing drifts.
 * One that comes too late, when the next is due already, is missed.
 *
 * @param beganMs `performance.now()` of the first frame
 */
export async function waitForStep(
  steps: readonly CaptureStep[],
  step: number,
  beganMs: number,
  events: CaptureEvents,
  stop: AbortSignal,
): Promise<'due' | 'missed' | 'stopped'> {
  const [dueMs, everyMs] = [1000 * steps[step].dueS, 1000 * steps[1].dueS];
  if (performance.now() > beganMs + dueMs + everyMs) return 'missed';
  const tell = (leftS: number): void =>
    events.onProgress({ share: 0, stage: `in ${Math.ceil(leftS)} s`, open: true });
  return (await whenDue(beganMs + dueMs, tell, stop)) ? 'due' : 'stopped';
}
