import type { WhitePoint } from '@velmo/core/colour';
import type { PicturePoint } from '@velmo/core/exposure';
import { AUTO_WHITE_SETTING, heldWhite } from '@velmo/core/settings';
import { session } from '../session/fieldSession';
import { readingsStore, say } from '../session/fieldState';
import { judgedNeutral } from '../words/neutralWords';

/** Holds this light as white. */
export const holdWhite = (white: WhitePoint): void =>
  session.changeSettings((s) => ({ ...s, white: heldWhite(white) }));

/** Leaves white to the camera. */
export const releaseWhite = (): void =>
  session.changeSettings((s) => ({ ...s, white: AUTO_WHITE_SETTING }));

/** Keeps the camera's white where it is, or lets it follow the light again. */
export function toggleWhiteLock(): void {
  const now = readingsStore.get()?.white ?? null;
  session.changeSettings((s) =>
    s.white.mode === 'held'
      ? s
      : { ...s, white: { mode: 'auto', locked: s.white.locked === null ? now : null } },
  );
}

/** Two taps closer than this, as a share of the picture, mean the same place. */
const SAME_PLACE = 0.04;

const near = (a: PicturePoint, b: PicturePoint | null): boolean =>
  b !== null && Math.hypot(a.x - b.x, a.y - b.y) < SAME_PLACE;

/** Takes a place in the picture for neutral, unless that cannot be. */
export async function neutralAt(at: PicturePoint): Promise<void> {
  const reading = await session.camera?.readNeutral?.(at);
  if (!reading) return;
  const { text, white } = judgedNeutral(reading, near(at, session.remembered.refusedNeutral));
  session.remembered.refusedNeutral = reading.kind === 'coloured' && !white ? at : null;
  if (white) holdWhite(white);
  say(text);
}
