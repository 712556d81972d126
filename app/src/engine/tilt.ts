import { upOfOrientation } from '@velmo/core/aids';
import { createStore } from '../state/store';

/** How the phone is held, as far as the browser tells. */
export interface Tilt {
  /**
   * Off: nobody asked. Ask: the browser wants a tap first. Waiting for a first reading; none: the
   * device tells nothing; denied: the browser was told not to.
   */
  readonly state: 'off' | 'ask' | 'waiting' | 'none' | 'denied' | 'on';
  /** Which way is up along the device's axes: x right, y top, z out of its screen. */
  readonly up: readonly [number, number, number] | null;
}

/** How the phone is held now. */
export const tiltStore = createStore<Tilt>({ state: 'off', up: null });

/** A device that turns tells so many times a second; one that does not, never or once. */
const FIRST_READING_MS = 2000;

type Asking = { requestPermission?: () => Promise<'granted' | 'denied'> };

const events = (): (typeof DeviceOrientationEvent & Asking) | undefined =>
  (globalThis as { DeviceOrientationEvent?: typeof DeviceOrientationEvent & Asking })
    .DeviceOrientationEvent;

let listeners = 0;
let granted = false;
let timer: ReturnType<typeof setTimeout> | undefined;

function onTurn({ beta, gamma }: DeviceOrientationEvent): void {
  // Computers without a sensor send one event with empty values.
  if (beta === null || gamma === null) return;
  clearTimeout(timer);
  tiltStore.set({ state: 'on', up: upOfOrientation(beta, gamma) });
}

function wait(): void {
  clearTimeout(timer);
  tiltStore.set({ state: 'waiting', up: null });
  timer = setTimeout(() => tiltStore.set({ state: 'none', up: null }), FIRST_READING_MS);
}

/** Reads how the device is held until the returned function is called. */
export function watchTilt(): () => void {
  if (listeners++ === 0) {
    const known = events();
    if (!known) tiltStore.set({ state: 'none', up: null });
    // Some browsers that can be asked tell all the same: then nobody is troubled.
    else if (known.requestPermission && !granted) tiltStore.set({ state: 'ask', up: null });
    else wait();
    window.addEventListener('deviceorientation', onTurn);
  }
  return () => {
    if (--listeners > 0) return;
    clearTimeout(timer);
    window.removeEventListener('deviceorientation', onTurn);
    tiltStore.set({ state: 'off', up: null });
  };
}

/** Asks the browser for the sensor; to be called by a tap. */
export async function askForTilt(): Promise<void> {
  const answer = await events()
    ?.requestPermission?.()
    .catch(() => 'denied' as const);
  granted = answer === 'granted';
  if (listeners === 0 || tiltStore.get().state === 'on') return;
  if (granted) wait();
  else tiltStore.set({ state: 'denied', up: null });
}
