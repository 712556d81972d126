import { AUTO, nudgeExposure, type Settings } from '@velmo/core/settings';
import type { Repair } from '@velmo/core/verdict';
import { BrowserCamera } from '../../camera/browserCamera';
import { CameraRefusal, type CameraDevice, type ViewOptions } from '../../camera/CameraDevice';
import { SimulatedCamera } from '../../camera/simulatedCamera';
import { FrameNotStored } from '../../rolls/frameRecord';
import { keepSettings } from '../../rolls/settingsStore';
import { fieldStore, readingsStore, type CameraChoice } from './fieldState';

/** Most captures that may be under way at once: each holds its frame in memory. */
const MAX_PENDING = 3;

let device: CameraDevice | null = null;
let stopReadings: (() => void) | null = null;
let view: ViewOptions | null = null;
let onStored: () => void = () => {};

const create = (choice: CameraChoice): CameraDevice =>
  choice.device === 'browser' ? new BrowserCamera() : new SimulatedCamera(choice.scene);

const refuse = (refusal: CameraRefusal): void =>
  fieldStore.update((s) => ({ ...s, phase: 'refused', refusal, capabilities: null }));

/** Opens a camera in place of the one before. The Window attaches its canvas once it is ready. */
export async function openCamera(choice: CameraChoice): Promise<void> {
  closeCamera();
  const opened = create(choice);
  device = opened;
  fieldStore.update((s) => ({
    ...s,
    choice,
    phase: 'opening',
    refusal: null,
    capabilities: null,
    notice: null,
  }));
  readingsStore.set(null);
  try {
    const capabilities = await opened.open();
    if (device !== opened) return;
    stopReadings = opened.onReadings(readingsStore.set);
    opened.onLost(refuse);
    if (view) opened.view(view);
    const applied = opened.apply(fieldStore.get().settings);
    fieldStore.update((s) => ({ ...s, phase: 'ready', capabilities, applied }));
  } catch (error) {
    if (device !== opened) return;
    refuse(
      error instanceof CameraRefusal
        ? error
        : new CameraRefusal('unsupported', 'The camera could not be started.'),
    );
  }
}

export function closeCamera(): void {
  stopReadings?.();
  stopReadings = null;
  device?.close();
  device = null;
}

export const attachCanvas = (canvas: OffscreenCanvas): void => device?.attach(canvas);

export function setView(options: ViewOptions): void {
  view = options;
  device?.view(options);
}

/** Who is told when a frame has been stored. */
export function whenStored(listener: () => void): void {
  onStored = listener;
}

export function changeSettings(change: (now: Settings) => Settings): void {
  const settings = change(fieldStore.get().settings);
  const applied = device?.apply(settings);
  fieldStore.update((s) => ({ ...s, settings, applied: applied ?? s.applied }));
  keepSettings(settings);
}

/** Gives every exposure control back to the camera. */
export const releaseAll = (): void =>
  changeSettings((s) => ({ ...s, time: AUTO, iso: AUTO, compClicks: 0 }));

/** Makes the picture brighter or darker by clicks through whichever tape is free. */
export function changeExposure(clicks: number): void {
  const { capabilities } = fieldStore.get();
  const readings = readingsStore.get();
  if (!capabilities || readings?.timeClick == null) return;
  const solution = {
    timeClick: readings.timeClick,
    isoClick: readings.isoClick ?? 0,
    differenceClicks: readings.differenceClicks,
    outOfRange: readings.outOfRange,
  };
  const nudge = nudgeExposure(fieldStore.get().settings, solution, capabilities, clicks);
  if (nudge) changeSettings(() => nudge.settings);
}

export function applyRepair(repair: Repair): void {
  if (repair.kind === 'exposure') changeExposure(repair.clicks);
  else changeSettings((s) => ({ ...s, [repair.control]: AUTO }));
}

/** Leaves a capture's stages as User Timing measures, where developer tools and the benchmark find them. */
function recordStages(stages: Readonly<Record<string, number>>): void {
  for (const [stage, duration] of Object.entries(stages))
    performance.measure(`velmo-capture/${stage}`, { start: 0, duration });
}

/** Exposes one frame; the picture stays live meanwhile. */
export async function exposeFrame(): Promise<void> {
  const { settings, pending } = fieldStore.get();
  if (!device || pending >= MAX_PENDING) return;
  fieldStore.update((s) => ({ ...s, pending: s.pending + 1, notice: null }));
  try {
    const { stages } = await device.capture(settings, (progress) =>
      fieldStore.update((s) => ({ ...s, progress })),
    );
    recordStages(stages);
    onStored();
  } catch (error) {
    const notice =
      error instanceof FrameNotStored
        ? {
            text: `${error.message} This frame is not lost: save it to the computer now.`,
            rescue: error.files,
          }
        : { text: error instanceof Error ? error.message : 'The frame could not be made.' };
    fieldStore.update((s) => ({ ...s, notice }));
  } finally {
    fieldStore.update((s) => ({
      ...s,
      pending: s.pending - 1,
      progress: s.pending > 1 ? s.progress : null,
    }));
  }
}
