import type { MonitorSettings } from '@velmo/core/monitor';
import type { PrintOptions } from '../camera/live/liveStage';

/** What is marked on a stored frame, and how the photographer likes it marked. */
export interface FrameMarks {
  readonly clips: boolean;
  readonly zebra: boolean;
  readonly edges: boolean;
  readonly monitors: MonitorSettings;
}

/** Where the zebra starts when it was never set: a third of a stop under clipping. */
const PLAIN_ZEBRA = { on: 'raw', clicksUnder: 1 } as const;

/** The settings by which a frame with these marks is watched: nothing of it is left to chance. */
export function watchedBy({ clips, zebra, monitors }: FrameMarks): MonitorSettings {
  return {
    ...monitors,
    over: !clips ? 'off' : monitors.over === 'off' ? 'any' : monitors.over,
    under: clips && monitors.under,
    zebra: zebra ? (monitors.zebra ?? PLAIN_ZEBRA) : null,
    toneClicks: null,
    // Looked at at leisure, every stripe counts.
    allowedShare: 0,
  };
}

/** @param scale screen pixels a pixel of the picture */
export const printed = (marks: FrameMarks, scale: number): PrintOptions => ({
  marks: true,
  clips: false,
  scale,
  monitors: watchedBy(marks),
  peaking: marks.edges,
  depth: 'off',
});
