import { createStore } from '../state/store';

/** The device's battery; null where the browser does not tell. */
export interface Battery {
  /** 0..1 */
  readonly level: number;
  readonly charging: boolean;
}

/** The battery as it was told last; null where the browser does not tell. */
export const batteryStore = createStore<Battery | null>(null);

interface BatteryManager extends EventTarget, Battery {}

/** Keeps the battery's state up to date until the returned function is called. */
export function watchBattery(): () => void {
  const { getBattery } = navigator as { getBattery?: () => Promise<BatteryManager> };
  if (!getBattery) return () => {};
  let stopped = false;
  let manager: BatteryManager | null = null;
  const tell = (): void => {
    if (manager) batteryStore.set({ level: manager.level, charging: manager.charging });
  };
  const EVENTS = ['levelchange', 'chargingchange'];
  // Refused, as by a policy: then it is not told.
  void getBattery.call(navigator).then(
    (given) => {
      if (stopped) return;
      manager = given;
      for (const name of EVENTS) given.addEventListener(name, tell);
      tell();
    },
    () => {},
  );
  return () => {
    stopped = true;
    for (const name of EVENTS) manager?.removeEventListener(name, tell);
  };
}
