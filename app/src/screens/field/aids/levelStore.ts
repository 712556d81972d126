import { levelOf, type Level } from '@velmo/core/aids';
import { askForTilt, tiltStore, watchTilt } from '../../../engine/tilt';
import { createStore } from '../../../state/store';
import { session } from '../session/fieldSession';
import { readingsStore } from '../session/fieldState';
import { changeAids } from '../session/preferencesNow';

/** How level the camera is held; null while that is not known. */
export const levelStore = createStore<Level | null>(null);

const screenDeg = (): number => screen.orientation?.angle ?? 0;

/** Of a simulated camera as it is aimed, of any other as the phone's sensor tells. */
function levelNow(): Level | null {
  const held = session.camera?.held?.();
  if (held) return levelOf(held.up, 0);
  const { up } = tiltStore.get();
  return up && levelOf([...up], screenDeg());
}

/** Keeps the level up to date until the returned function is called. */
export function watchLevel(): () => void {
  const tell = (): void => levelStore.set(levelNow());
  // A camera that knows how it is held shows it with each picture; a sensor tells by itself.
  const stops = session.camera?.held
    ? [readingsStore.subscribe(tell)]
    : [tiltStore.subscribe(tell), watchTilt()];
  tell();
  return () => {
    for (const stop of stops) stop();
    levelStore.set(null);
  };
}

/** Shows the level or puts it away, and remembers that. To be called by a tap or a key. */
export function showLevel(level: boolean): void {
  // Some browsers ask for the sensor at a tap, and only then.
  if (level && !session.camera?.held) void askForTilt();
  changeAids({ level });
}
