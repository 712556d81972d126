import type { MadeFrame } from '../../storage/frames/madeFrame';

/** Share of a capture's progress that making the frame takes; storing it is the rest. */
export const MAKING_SHARE = 0.88;

/** A frame as the camera made it, with the milliseconds its making took by stage. */
export interface CapturedFrame {
  readonly frame: MadeFrame;
  readonly stages: Readonly<Record<string, number>>;
}
