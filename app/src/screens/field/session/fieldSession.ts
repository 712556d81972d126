import equal from 'fast-deep-equal';
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
import { askFirst } from '../../../camera/browser/refusals';
import { willBeAsked } from '../../../camera/browser/openTrack';
import type { CameraDevice } from '../../../camera/device/CameraDevice';
import type { Readings } from '../../../camera/device/readings';
import { CameraRefusal } from '../../../camera/device/refusal';
import { sameLoupe } from '../../../camera/device/sameAsked';
import type { LoupeView, ViewOptions } from '../../../camera/device/view';
import { endEarlyLiveUnless } from '../../../camera/simulated/live/liveWorker';
import { missingHere } from '../../../engine/lacks';
import type { Store } from '../../../state/store';
import { keepCamera, type CameraChoice } from '../../../storage/kept/cameraChoice';
import { keepSettings } from '../../../storage/kept/settingsStore';
import { scaledPins } from '../window/pinPlaces';
import { createCamera } from './createCamera';
import { tellDrill } from './drilling';
import { fieldStore, readingsStore, say, standing, type FieldState, type Pin } from './fieldState';
import { noteChoice } from './link/obeyedLink';
import { Presses } from './presses';
import { refusedWords, rolledBack } from './refusedControls';
import { NOTHING_REMEMBERED, type Remembered } from './remembered';
import { Shutter } from './shutter';

/** How the Window shows the picture; the pins come from the state, the loupe by `setLoupe`. */
export type WindowView = Omit<ViewOptions, 'pins' | 'loupe'>;

/** What of Field belongs to the camera before, and is not carried over to the next. */
const newCamera = (s: FieldState, choice: CameraChoice): FieldState => ({
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
});

/** Half the picture's angle as a tangent; the same for every camera that cannot zoom. */
const tangentOf = (s: Settings): number => {
  const lens = findLens(s.lens);
  return lens ? halfLongTangent(lens, s.crop) : 1;
};

/**
 * Field at work: a camera, what it is asked for, and the presses under way. All of that is in here
 * or in its two stores, so that a test can have a session of its own; the drill under way, the roll
 * and what is kept for next time are the page's.
 */
export class FieldSession {
  readonly presses: Presses;
  readonly shutter: Shutter;
  /** What commands remember from one use to the next. */
  readonly remembered: Remembered = { ...NOTHING_REMEMBERED };
  private device: CameraDevice | null = null;
  /** Counts openings and closings: an opening that has been overtaken must not go on. */
  private openings = 0;
  private stopReadings: (() => void) | null = null;
  private view: WindowView | null = null;
  private loupe: LoupeView | null = null;
  /** Field is not in front, and its camera goes on with a series. */
  private isAway = false;

  constructor(
    readonly state: Store<FieldState>,
    readonly readings: Store<Readings | null>,
  ) {
    this.presses = new Presses(state);
    this.shutter = new Shutter(this);
  }

  /** The camera at hand, for questions to it; null while none is open. */
  get camera(): CameraDevice | null {
    return this.device;
  }

  /**
   * Opens a camera in place of the one before. The Window attaches its canvas once it is ready.
   * What keeps it from being opened is in the state, never thrown.
   *
   * @param told the photographer knows that the browser is about to ask for the camera, and why
   */
  async openCamera(choice: CameraChoice, told = false): Promise<void> {
    if (this.cameBack(choice) || this.moveOn(choice)) return;
    this.closeCamera();
    const missing = missingHere();
    endEarlyLiveUnless(!missing && choice.device === 'simulated');
    const opening = ++this.openings;
    try {
      if (missing) throw new CameraRefusal('browser', missing);
      if (choice.device === 'browser' && !told && (await willBeAsked())) throw askFirst();
      const created = await createCamera(choice);
      if (opening === this.openings) await this.start(created, choice);
      else created.close();
    } catch (error) {
      if (opening !== this.openings) return;
      // What it had opened already, the camera's light above all, must not stay on.
      this.device?.close();
      this.state.update((s) => ({ ...s, choice }));
      this.refuse(
        error instanceof CameraRefusal
          ? error
          : new CameraRefusal('unsupported', 'The camera could not be started.'),
      );
    }
  }

  /** Opens a camera that has been created. Rejects where it will not start. */
  private async start(camera: CameraDevice, choice: CameraChoice): Promise<void> {
    const { state, readings } = this;
    this.device = camera;
    state.update((s) => newCamera(s, choice));
    readings.set(null);
    const capabilities = await camera.open();
    if (this.device !== camera) return;
    this.listenTo(camera);
    keepCamera(choice);
    noteChoice(choice);
    camera.hasten?.(state.get().haste);
    tellDrill(camera, choice);
    this.setPins([]);
    const applied = camera.apply(state.get().settings);
    state.update((s) => ({
      ...s,
      phase: 'ready',
      capabilities,
      light: camera.calibration?.light ?? null,
      applied,
      opened: s.opened + 1,
    }));
  }

  private listenTo(camera: CameraDevice): void {
    this.stopReadings = camera.onReadings(this.readings.set);
    camera.onLost((refusal) => this.refuse(refusal));
    camera.onRefused?.((refused) => {
      say(refusedWords(refused), undefined, this.state);
      this.changeSettings((s) => rolledBack(s, refused));
    });
  }

  /** No camera: why, and no reading of an earlier one left. */
  private refuse(refusal: CameraRefusal): void {
    this.readings.set(null);
    this.state.update((s) => ({
      ...s,
      phase: 'refused',
      refusal,
      capabilities: null,
      light: null,
    }));
  }

  /**
   * Goes to another simulated place without starting a camera anew; false where a camera has to be
   * opened.
   */
  private moveOn(choice: CameraChoice): boolean {
    const { device, state } = this;
    if (!device || choice.device !== 'simulated' || state.get().phase !== 'ready') return false;
    const capabilities = device.goTo?.(choice.scene);
    if (!capabilities) return false;
    keepCamera(choice);
    noteChoice(choice);
    state.update((s) => ({ ...s, choice, capabilities, notice: standing(s), pins: [] }));
    // The light of another place: a lock on the old one would only mislead.
    this.changeSettings((s) => ({
      ...s,
      meter: { ...s.meter, lockedEv100: null },
      white: unlockedWhite(s.white),
    }));
    this.setPins([]);
    tellDrill(device, choice);
    return true;
  }

  /** True where the camera has gone on with a series since Field was left, and is there. */
  private cameBack(choice: CameraChoice): boolean {
    const { phase, choice: now } = this.state.get();
    const isThere = this.isAway && this.device !== null && phase === 'ready';
    this.isAway = false;
    return isThere && equal(choice, now);
  }

  /** Field is left: a series goes on with its camera, anything else ends. */
  leaveField(): void {
    if (!this.presses.hasSeries) return this.closeCamera();
    this.isAway = true;
    this.presses.onSeriesEnd = () => {
      if (this.isAway) this.closeCamera();
    };
  }

  closeCamera(): void {
    this.isAway = false;
    this.openings++;
    this.stopReadings?.();
    this.stopReadings = null;
    this.presses.closeShutters();
    this.device?.close();
    this.device = null;
    // A camera is gone for good once closed: the next one is opened, not moved on.
    this.state.update((s) => ({ ...s, phase: 'opening' }));
  }

  readonly takeCanvas = (): HTMLCanvasElement | null => this.device?.takeCanvas?.() ?? null;
  readonly attachCanvas = (canvas: OffscreenCanvas): void => this.device?.attach(canvas);
  readonly attachLoupe = (canvas: OffscreenCanvas): void => this.device?.attachLoupe?.(canvas);

  setView(next: WindowView): void {
    const { state, view } = this;
    const turned = view !== null && view.upright !== next.upright;
    this.view = next;
    if (state.get().upright !== next.upright)
      state.update((s) => ({ ...s, upright: next.upright }));
    const { pins } = state.get();
    // A share of the long side is another share of the short one.
    const ratio = next.upright ? 4 / 3 : 3 / 4;
    this.setPins(turned ? scaledPins(pins, ratio, 1 / ratio) : pins);
  }

  /** Pins where they now are, in the picture and for the camera that reads them. */
  setPins(pins: readonly Pin[]): void {
    const { state } = this;
    if (pins !== state.get().pins) state.update((s) => ({ ...s, pins }));
    this.tellView();
  }

  /** What the loupe looks at; null: it is put away. */
  setLoupe(loupe: LoupeView | null): void {
    if (sameLoupe(loupe, this.loupe)) return;
    this.loupe = loupe;
    this.tellView();
  }

  private tellView(): void {
    const { view, loupe, state } = this;
    const pins = state.get().pins.map((pin) => pin.at);
    if (view) this.device?.view({ ...view, loupe, pins });
  }

  changeSettings(change: (now: Settings) => Settings): void {
    const { state } = this;
    const before = state.get().settings;
    const settings = change(before);
    const applied = this.device?.apply(settings);
    state.update((s) => ({ ...s, settings, applied: applied ?? s.applied }));
    keepSettings(settings);
    const zoom = tangentOf(before) / tangentOf(settings);
    const { pins } = state.get();
    if (zoom !== 1 && pins.length > 0) this.setPins(scaledPins(pins, zoom, zoom));
  }

  /** Gives every exposure control back to the camera. */
  readonly releaseAll = (): void => this.changeSettings(releasedSettings);

  /**
   * Shows the angle of a 35 mm-equivalent focal length, through whatever lens and crop it takes.
   */
  readonly zoom = (focalLength35Mm: number): void =>
    this.changeSettings((s) => ({ ...s, ...zoomTo(focalLength35Mm) }));

  /** Turns the camera as if the picture were dragged by shares of its sides. */
  readonly pan = (dx: number, dy: number): void => {
    const { pins } = this.state.get();
    const places = this.device?.pan?.(dx, dy);
    if (places && pins.length > 0)
      this.setPins(pins.map((pin, i) => ({ ...pin, at: places[i] ?? pin.at })));
  };

  /** Reads the light at a place in the picture from now on. */
  readonly meterAt = (spot: PicturePoint): void =>
    this.changeSettings((s) => ({ ...s, meter: { pattern: 'spot', spot, lockedEv100: null } }));

  /** Holds the light as it is read now, or lets the meter follow again. */
  readonly toggleLock = (): void => {
    const ev100 = this.readings.get()?.ev100 ?? null;
    this.changeSettings((s) => ({
      ...s,
      meter: { ...s.meter, lockedEv100: s.meter.lockedEv100 === null ? ev100 : null },
    }));
  };

  /** @param haste how much faster than the clock scene time runs */
  readonly hasten = (haste: number): void => {
    this.device?.hasten?.(haste);
    this.state.update((s) => ({ ...s, haste }));
  };

  /** Makes the picture brighter or darker by clicks through whichever tape is free. */
  readonly changeExposure = (clicks: number): void => {
    const { capabilities, settings } = this.state.get();
    const readings = this.readings.get();
    if (!capabilities || !readings) return;
    // A tape is moved from where it stands; where the camera does not say, it cannot be.
    const free = freeControl(settings, capabilities);
    if (free === 'Time' && readings.timeClick === null) return;
    if (free === 'ISO' && readings.isoClick === null) return;
    const solution = {
      timeClick: readings.timeClick ?? 0,
      isoClick: readings.isoClick ?? 0,
      differenceClicks: readings.differenceClicks,
      outOfRange: readings.outOfRange,
    };
    const nudge = nudgeExposure(settings, solution, capabilities, clicks);
    if (nudge) this.changeSettings(() => nudge.settings);
  };

  readonly applyRepair = (repair: Repair): void => this.changeSettings(() => repair.settings);
}

/** The page's own. */
export const session = new FieldSession(fieldStore, readingsStore);
