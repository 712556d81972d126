import { endEarlyLiveUnless } from '../../../camera/simulated/liveWorker';
import type { PicturePoint } from '@velmo/core/exposure';
import { findLens, halfLongTangent, zoomTo } from '@velmo/core/optics';
import {
  freeControl,
  nudgeExposure,
  releasedSettings,
  unlockedWhite,
  type Settings,
} from '@velmo/core/settings';
import type { Repair } from '@velmo/core/verdict';
import { CameraRefusal } from '../../../camera/device/refusal';
import type { CameraDevice } from '../../../camera/device/CameraDevice';
import type { ViewOptions } from '../../../camera/device/view';
import { SimulatedCamera } from '../../../camera/simulated/simulatedCamera';
import { missingHere } from '../../../engine/lacks';
import { keepSettings } from '../../../storage/settingsStore';
import { askFirst } from '../../../camera/browser/refusals';
import { willBeAsked } from '../../../camera/browser/openTrack';
import { keepCamera, type BrowserChoice, type CameraChoice } from '../../../storage/cameraChoice';
import { tellDrill } from './drilling';
import { type Pin, fieldStore, readingsStore, say, standing } from './fieldState';
import { noteChoice } from './obeyedLink';
import { closeShutters, seriesUnderWay, whenSeriesEnds } from './presses';
import { refusedWords, rolledBack } from './refusedControls';
import { scaledPins } from '../window/pinPlaces';

/** How the Window shows the picture; the pins come from the state. */
export type WindowView = Omit<ViewOptions, 'pins'>;

let device: CameraDevice | null = null;
/** Counts openings and closings: an opening that has been overtaken must not go on. */
let openings = 0;
let stopReadings: (() => void) | null = null;
let view: WindowView | null = null;

/** The device's own camera is loaded when it is chosen: whoever practises need not wait for it. */
async function createBrowserCamera(choice: BrowserChoice): Promise<CameraDevice> {
  const { BrowserCamera } = await import('../../../camera/browser/browserCamera');
  return new BrowserCamera(choice);
}

/** No camera: why, and no reading of an earlier one left. */
function refuse(refusal: CameraRefusal): void {
  readingsStore.set(null);
  fieldStore.update((s) => ({ ...s, phase: 'refused', refusal, capabilities: null, light: null }));
}

const notLoaded = (): CameraRefusal =>
  new CameraRefusal(
    'unsupported',
    'The part of Velmo that reads cameras could not be loaded. Is the server it came from still there? Try again.',
  );

/**
 * Goes to another simulated place without starting a camera anew; false where a camera has to be
 * opened.
 */
function moveOn(choice: CameraChoice): boolean {
  const { phase } = fieldStore.get();
  if (choice.device !== 'simulated' || phase !== 'ready') return false;
  const capabilities = device?.goTo?.(choice.scene);
  if (!capabilities) return false;
  keepCamera(choice);
  noteChoice(choice);
  fieldStore.update((s) => ({
    ...s,
    choice,
    capabilities,
    notice: standing(s),
    pins: [],
  }));
  // The light of another place: a lock on the old one would only mislead.
  changeSettings((s) => ({
    ...s,
    meter: { ...s.meter, lockedEv100: null },
    white: unlockedWhite(s.white),
  }));
  showPins([]);
  tellDrill(device!, choice);
  return true;
}

/**
 * Opens a camera in place of the one before. The Window attaches its canvas once it is ready.
 *
 * @param told the photographer knows that the browser is about to ask for the camera, and why
 */
export async function openCamera(choice: CameraChoice, told = false): Promise<void> {
  if (cameBack(choice) || moveOn(choice)) return;
  closeCamera();
  const missing = missingHere();
  endEarlyLiveUnless(!missing && choice.device === 'simulated');
  if (missing) {
    fieldStore.update((s) => ({ ...s, choice }));
    return refuse(new CameraRefusal('browser', missing));
  }
  const opening = ++openings;
  if (choice.device === 'browser' && !told && (await willBeAsked())) {
    if (opening !== openings) return;
    fieldStore.update((s) => ({ ...s, choice }));
    refuse(askFirst());
    return;
  }
  const opened: CameraDevice | CameraRefusal =
    choice.device === 'browser'
      ? await createBrowserCamera(choice).catch(notLoaded)
      : new SimulatedCamera(choice.scene);
  if (opening !== openings) return opened instanceof CameraRefusal ? undefined : opened.close();
  if (opened instanceof CameraRefusal) {
    fieldStore.update((s) => ({ ...s, choice }));
    return refuse(opened);
  }
  device = opened;
  fieldStore.update((s) => ({
    ...s,
    choice,
    phase: 'opening',
    refusal: null,
    capabilities: null,
    light: null,
    notice: standing(s),
    activeTape: null,
    loupe: null,
    depth: 'off',
    pins: [],
  }));
  readingsStore.set(null);
  try {
    const capabilities = await opened.open();
    if (device !== opened) return;
    stopReadings = opened.onReadings(readingsStore.set);
    opened.onLost(refuse);
    opened.onRefused?.((refused) => {
      say(refusedWords(refused));
      changeSettings((s) => rolledBack(s, refused));
    });
    keepCamera(choice);
    noteChoice(choice);
    opened.hasten?.(fieldStore.get().haste);
    tellDrill(opened, choice);
    showPins([]);
    const applied = opened.apply(fieldStore.get().settings);
    fieldStore.update((s) => ({
      ...s,
      phase: 'ready',
      capabilities,
      light: opened.calibration?.light ?? null,
      applied,
      opened: s.opened + 1,
    }));
  } catch (error) {
    if (device !== opened) return;
    // What it had opened already, the camera's light above all, must not stay on.
    opened.close();
    refuse(
      error instanceof CameraRefusal
        ? error
        : new CameraRefusal('unsupported', 'The camera could not be started.'),
    );
  }
}

/** Field is not in front, and its camera goes on with a series. */
let isAway = false;

/** True where the camera has gone on with a series since Field was left, and is there. */
function cameBack(choice: CameraChoice): boolean {
  const { phase, choice: now } = fieldStore.get();
  const there = isAway && device !== null && phase === 'ready';
  isAway = false;
  return there && JSON.stringify(choice) === JSON.stringify(now);
}

/** Field is left: a series goes on with its camera, anything else ends. */
export function leaveField(): void {
  if (!seriesUnderWay()) return closeCamera();
  isAway = true;
  whenSeriesEnds(() => {
    if (isAway) closeCamera();
  });
}

export function closeCamera(): void {
  isAway = false;
  openings++;
  stopReadings?.();
  stopReadings = null;
  closeShutters();
  device?.close();
  device = null;
  // A camera is gone for good once closed: the next one is opened, not moved on.
  fieldStore.update((s) => ({ ...s, phase: 'opening' }));
}

/** The camera at hand, for questions to it. */
export const theCamera = (): CameraDevice | null => device;

export const attachCanvas = (canvas: OffscreenCanvas): void => device?.attach(canvas);
export const attachLoupe = (canvas: OffscreenCanvas): void => device?.attachLoupe?.(canvas);

export function setView(next: WindowView): void {
  const turned = view !== null && view.upright !== next.upright;
  view = next;
  if (fieldStore.get().upright !== next.upright)
    fieldStore.update((s) => ({ ...s, upright: next.upright }));
  const { pins } = fieldStore.get();
  // A share of the long side is another share of the short one.
  const ratio = next.upright ? 4 / 3 : 3 / 4;
  showPins(turned ? scaledPins(pins, ratio, 1 / ratio) : pins);
}

/** Pins where they now are, in the picture and for the camera that reads them. */
function showPins(pins: readonly Pin[]): void {
  if (pins !== fieldStore.get().pins) fieldStore.update((s) => ({ ...s, pins }));
  if (view) device?.view({ ...view, pins: pins.map((pin) => pin.at) });
}

export const setPins = showPins;

/** Half the picture's angle as a tangent; the same for every camera that cannot zoom. */
const tangentOf = (s: Settings): number => {
  const lens = findLens(s.lens);
  return lens ? halfLongTangent(lens, s.crop) : 1;
};

export function changeSettings(change: (now: Settings) => Settings): void {
  const before = fieldStore.get().settings;
  const settings = change(before);
  const applied = device?.apply(settings);
  fieldStore.update((s) => ({ ...s, settings, applied: applied ?? s.applied }));
  keepSettings(settings);
  const zoom = tangentOf(before) / tangentOf(settings);
  const { pins } = fieldStore.get();
  if (zoom !== 1 && pins.length > 0) showPins(scaledPins(pins, zoom, zoom));
}

/** Gives every exposure control back to the camera. */
export const releaseAll = (): void => changeSettings(releasedSettings);

/** Shows the angle of a 35 mm-equivalent focal length, through whatever lens and crop it takes. */
export const zoom = (focalLength35Mm: number): void =>
  changeSettings((s) => ({ ...s, ...zoomTo(focalLength35Mm) }));

/** Turns the camera as if the picture were dragged by shares of its sides. */
export function pan(dx: number, dy: number): void {
  const { pins } = fieldStore.get();
  const places = device?.pan?.(dx, dy);
  if (places && pins.length > 0)
    showPins(pins.map((pin, i) => ({ ...pin, at: places[i] ?? pin.at })));
}

/** Reads the light at a place in the picture from now on. */
export const meterAt = (spot: PicturePoint): void =>
  changeSettings((s) => ({ ...s, meter: { pattern: 'spot', spot, lockedEv100: null } }));

/** Holds the light as it is read now, or lets the meter follow again. */
export function toggleLock(): void {
  const ev100 = readingsStore.get()?.ev100 ?? null;
  changeSettings((s) => ({
    ...s,
    meter: { ...s.meter, lockedEv100: s.meter.lockedEv100 === null ? ev100 : null },
  }));
}

export function hasten(haste: number): void {
  device?.hasten?.(haste);
  fieldStore.update((s) => ({ ...s, haste }));
}

/** Makes the picture brighter or darker by clicks through whichever tape is free. */
export function changeExposure(clicks: number): void {
  const { capabilities } = fieldStore.get();
  const readings = readingsStore.get();
  if (!capabilities || !readings) return;
  // A tape is moved from where it stands; where the camera does not say, it cannot be.
  const free = freeControl(fieldStore.get().settings, capabilities);
  if (free === 'Time' && readings.timeClick === null) return;
  if (free === 'ISO' && readings.isoClick === null) return;
  const solution = {
    timeClick: readings.timeClick ?? 0,
    isoClick: readings.isoClick ?? 0,
    differenceClicks: readings.differenceClicks,
    outOfRange: readings.outOfRange,
  };
  const nudge = nudgeExposure(fieldStore.get().settings, solution, capabilities, clicks);
  if (nudge) changeSettings(() => nudge.settings);
}

export const applyRepair = (repair: Repair): void => changeSettings(() => repair.settings);
