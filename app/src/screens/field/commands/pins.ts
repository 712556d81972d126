import type { PicturePoint } from '@velmo/core/exposure';
import { fieldStore, MAX_PINS } from '../session/fieldState';
import { session } from '../session/fieldSession';
import { withPin } from '../window/pinPlaces';

/** Leaves a pin; says so when there are as many as can be read. */
export function leavePin(at: PicturePoint): void {
  const more = withPin(fieldStore.get().pins, at);
  if (more) session.setPins(more);
  else
    fieldStore.update((s) => ({
      ...s,
      notice: { text: `${MAX_PINS} pins are in the picture. Take one out to leave another.` },
    }));
}

/** Leaves a pin where the spot meter reads: the way without a finger on the picture. */
export const leavePinAtSpot = (): void => leavePin(fieldStore.get().settings.meter.spot);

/** Takes a pin out of the picture; the numbers of the others stay. */
export const takePinOut = (number: number): void =>
  session.setPins(fieldStore.get().pins.filter((pin) => pin.number !== number));

/** Takes all pins out. */
export const takeAllPinsOut = (): void => session.setPins([]);
