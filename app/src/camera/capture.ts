import type { CapturePlan } from '@velmo/core/series';
import { recordStages } from '../state/stages';
import type { NamePattern } from '../storage/fileNames';
import { keepFrame } from '../storage/frames/frames';
import { FrameNotStored, type ListedFrame } from '../storage/frames/madeFrame';
import type { CurrentRoll } from '../storage/rolls/currentRoll';
import type { CameraDevice, CaptureEvents } from './device/CameraDevice';
import { MAKING_SHARE, type CapturedFrame } from './device/capturedFrame';

/** What is told while frames are made and kept. */
export interface KeepingEvents extends CaptureEvents {
  /** A frame could not be stored: it is in the page, and the plan goes on. */
  onNotStored(frame: FrameNotStored): void;
}

/**
 * The one door through which frames are made: yields them as they are stored.
 *
 * @param roll what they are made into
 * @param naming how the first is called; those after it count on
 * @param stop closes an open shutter early and ends the plan with that frame
 */
export async function* capture(
  device: CameraDevice,
  plan: CapturePlan,
  roll: CurrentRoll,
  naming: NamePattern,
  events: KeepingEvents,
  stop: AbortSignal,
): AsyncGenerator<ListedFrame, void> {
  let start = performance.now();
  let { count } = naming;
  const frames = device.capture(plan, roll.id, events, stop)[Symbol.asyncIterator]();
  // The next frame is made while this one is stored.
  const pull = (): Promise<IteratorResult<CapturedFrame>> => {
    const coming = frames.next();
    coming.catch(() => {});
    return coming;
  };
  for (let coming = pull(); ;) {
    const { value, done } = await coming;
    if (done) return;
    coming = pull();
    const { frame, stages } = value;
    const making = performance.now();
    // Of a series, progress is told of the frame being made, not of the one being stored.
    const progress = (share: number, stage: string): void => {
      if (frame.facts.series === null)
        events.onProgress({ share: MAKING_SHARE + (1 - MAKING_SHARE) * share, stage });
    };
    try {
      const stored = await keepFrame(
        frame,
        { ...naming, roll: roll.name, count: count++ },
        (share) => progress(share, 'Storing'),
        () => progress(0, 'Another tab is storing'),
      );
      const end = performance.now();
      recordStages('capture', { ...stages, store: end - making, total: end - start });
      start = end;
      yield stored;
    } catch (error) {
      if (!(error instanceof FrameNotStored)) throw error;
      events.onNotStored(error);
    }
  }
}
