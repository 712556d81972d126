import type { GeoPosition } from '@velmo/core/files';
import { createStore } from '../state/store';

/** Whether frames are told where they are taken, and what is known of that (W3C Geolocation). */
export type Positioning =
  | { readonly state: 'off' }
  /** Asked, and no answer yet. */
  | { readonly state: 'asked' }
  | { readonly state: 'known'; readonly position: GeoPosition }
  | { readonly state: 'refused' }
  /** There is no receiver, or it finds nothing. */
  | { readonly state: 'unknown' };

/** Where the phone is, as far as it was asked and told. */
export const positioningStore = createStore<Positioning>({ state: 'off' });

/** A position that is older says little of where the phone is now. */
const LASTS_MS = 10 * 60_000;
const ASKED_FOR: PositionOptions = {
  enableHighAccuracy: true,
  maximumAge: 60_000,
  timeout: 60_000,
};

const positionOf = ({ coords, timestamp }: GeolocationPosition): GeoPosition => ({
  latitude: coords.latitude,
  longitude: coords.longitude,
  accuracyM: coords.accuracy,
  epochMs: timestamp,
});

/** Where the phone is, for a frame taken now; undefined where that is not wanted or not known. */
export function positionNow(): GeoPosition | undefined {
  const now = positioningStore.get();
  if (now.state !== 'known') return undefined;
  return Date.now() - now.position.epochMs < LASTS_MS ? now.position : undefined;
}

/**
 * Follows where the phone is, asking the user first if nobody has.
 *
 * @returns ends it: nothing is known from then on
 */
export function followPosition(): () => void {
  const place = typeof navigator === 'undefined' ? undefined : navigator.geolocation;
  if (!place) {
    positioningStore.set({ state: 'unknown' });
    return () => positioningStore.set({ state: 'off' });
  }
  positioningStore.set({ state: 'asked' });
  const watch = place.watchPosition(
    (found) => positioningStore.set({ state: 'known', position: positionOf(found) }),
    ({ code, PERMISSION_DENIED }) => {
      // While no position comes, the last one stands until it is too old.
      if (code === PERMISSION_DENIED) positioningStore.set({ state: 'refused' });
      else if (positioningStore.get().state !== 'known') positioningStore.set({ state: 'unknown' });
    },
    ASKED_FOR,
  );
  return () => {
    place.clearWatch(watch);
    positioningStore.set({ state: 'off' });
  };
}
