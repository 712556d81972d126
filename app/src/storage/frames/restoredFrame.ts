import type { FrameRecord } from './frameRecord';
import type { FrameDecision } from '../rolls/decision';

/** A frame as it was kept elsewhere. */
export interface RestoredFrame {
  readonly record: FrameRecord;
  readonly decision: FrameDecision;
  /** In the order of its record's. */
  readonly files: readonly Blob[];
  /** A data URL; '' where it has none. */
  readonly thumbnail: string;
}
