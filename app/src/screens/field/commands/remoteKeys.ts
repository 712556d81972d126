import { session } from '../session/fieldSession';
import { fieldStore } from '../session/fieldState';

/**
 * What Bluetooth shutter remotes send as volume, as browsers name it; nothing else answers these.
 */
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

/** A shutter key goes down: exposes at once, but for a burst, which may be held. */
export function shutterDown(event: KeyboardEvent): boolean {
  if (!isShutter(event)) return false;
  event.preventDefault();
  const bursts = fieldStore.get().settings.series.kind === 'burst';
  if (!event.repeat && !bursts) void session.shutter.press();
  const { remembered } = session;
  if (event.repeat && bursts && remembered.shutterKey === 'down') {
    remembered.shutterKey = 'held';
    session.shutter.hold();
  } else if (remembered.shutterKey === 'up') remembered.shutterKey = 'down';
  return true;
}

/** A shutter key is let go: ends what was held, or begins a burst that was not. */
export function shutterUp(event: KeyboardEvent): void {
  const { remembered } = session;
  if (remembered.shutterKey === 'up' || !isShutter(event)) return;
  if (remembered.shutterKey === 'held') session.shutter.letGo();
  else if (fieldStore.get().settings.series.kind === 'burst') void session.shutter.press();
  remembered.shutterKey = 'up';
}
