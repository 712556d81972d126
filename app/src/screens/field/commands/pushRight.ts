import { formatThirds, rawClicks, solveExposure, type Solution } from '@velmo/core/exposure';
import type { PushedRight } from '@velmo/core/monitor';
import { session } from '../session/fieldSession';
import { fieldStore, readingsStore, say } from '../session/fieldState';

const CHANNELS = ['red', 'green', 'blue'] as const;

/** Clicks of raw exposure there are now: extended ISO adds none. */
function rawClicksNow(): number | null {
  const { capabilities, settings } = fieldStore.get();
  const lightClicks = readingsStore.get()?.lightClicks ?? null;
  const input = lightClicks === null ? null : capabilities?.solverInput(settings, lightClicks);
  if (!input) return null;
  const solution: Solution = solveExposure(input);
  return rawClicks(solution, input.baseIsoClick);
}

const stops = (clicks: number): string =>
  `${formatThirds(Math.abs(clicks))} ${Math.abs(clicks) > 3 ? 'stops' : 'stop'}`;

/** "1/3 stop under clipping in green; shadows gain 1 2/3 stops." */
export function pushedWords(pushed: PushedRight, moved: number): string {
  const { channel, clicks, hopeless } = pushed;
  if (hopeless) return `It clips in ${CHANNELS[channel]} however little light is let in.`;
  const change =
    moved === 0
      ? 'it already is'
      : moved > 0
        ? `shadows gain ${stops(moved)}`
        : `shadows give up ${stops(moved)}`;
  const left = clicks - moved;
  if (left !== 0)
    return `${stops(left)} ${left > 0 ? 'short of' : 'over'} the brightest that holds: the tapes end here; ${change}.`;
  // Clicks are thirds: the next one would clip, so what is left is at most one.
  const room = pushed.roomStops < 1 / 6 ? 'Less than 1/3 stop' : '1/3 stop';
  return `${room} under clipping in ${CHANNELS[channel]}; ${change}.`;
}

/**
 * Moves the free tape to the brightest exposure that spares the highlights, and says what that did.
 */
export async function pushExposureRight(): Promise<void> {
  const { monitors } = fieldStore.get().preferences;
  const pushed = await session.camera?.pushRight?.(monitors.allowedShare);
  const before = rawClicksNow();
  if (!pushed || before === null) return;
  if (pushed.clicks !== 0 && !pushed.hopeless) session.changeExposure(pushed.clicks);
  say(pushedWords(pushed, (rawClicksNow() ?? before) - before));
}
