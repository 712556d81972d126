import { fieldStore } from '../session/fieldState';
import { endHeld, exposeFrame, exposeWhileHeld } from '../session/exposing';

/** What Bluetooth shutter remotes send as volume, as browsers name it; nothing else answers these. */
const VOLUME_KEYS: readonly string[] = ['AudioVolumeUp', 'VolumeUp'];
/** What others of them send, and keyboards: whatever has the focus comes first. */
const PLAIN_KEYS: readonly string[] = ['PageDown', ' ', 'Enter'];

/** What answers space, enter and page down itself. */
const OWN_KEYS =
  'button, a, input, [role=button], [role=link], [role=slider], [role=checkbox], [role=region]';

const isShutter = ({ key, target }: KeyboardEvent): boolean => {
  const answers = target instanceof Element && target.closest(OWN_KEYS) !== null;
  return VOLUME_KEYS.includes(key) || (!answers && PLAIN_KEYS.includes(key));
};

let down = false;
let holds = false;

/** A shutter key goes down: exposes at once, but for a burst, which may be held. */
export function shutterDown(event: KeyboardEvent): boolean {
  if (!isShutter(event)) return false;
  event.preventDefault();
  const bursts = fieldStore.get().settings.series.kind === 'burst';
  if (!event.repeat && !bursts) void exposeFrame();
  if (event.repeat && bursts && down && !holds) {
    holds = true;
    exposeWhileHeld();
  }
  down = true;
  return true;
}

export function shutterUp(event: KeyboardEvent): void {
  if (!down || !isShutter(event)) return;
  if (holds) endHeld();
  else if (fieldStore.get().settings.series.kind === 'burst') void exposeFrame();
  down = false;
  holds = false;
}
