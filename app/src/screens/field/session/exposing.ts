import { framePlan } from '@velmo/core/series';
import { capture } from '../../../camera/capture';
import type { CaptureProgress } from '../../../camera/device/CameraDevice';
import type { ListedFrame } from '../../../storage/madeFrame';
import { addUnsaved, storeUnsaved } from '../../../storage/unsaved';
import { theCamera } from './fieldSession';
import { fieldStore } from './fieldState';
import { changeNaming } from './preferencesNow';
import { beginPress, endPress, openPress, tellProgress } from './presses';

/** Most captures that may be under way at once: each holds its frame in memory. */
export const MAX_PENDING = 3;

let onStored: (frame: ListedFrame) => void = () => {};

/** Who is told when a frame has been stored. */
export function whenStored(listener: (frame: ListedFrame) => void): void {
  onStored = listener;
}

/** Exposes what is planned, or closes an open shutter. The picture stays live meanwhile. */
export async function exposeFrame(): Promise<void> {
  const open = openPress();
  if (open) {
    open.shutter.abort();
    return;
  }
  const device = theCamera();
  const { settings, pending, preferences, capabilities } = fieldStore.get();
  if (!device || pending >= MAX_PENDING) return;
  const press = beginPress();
  fieldStore.update((s) => ({ ...s, notice: null }));
  const { naming, focusing } = preferences;
  const plan = framePlan(settings, {
    focusFirst: focusing.beforeCapture,
    averages: capabilities?.averages === true,
  });
  changeNaming({ count: naming.count + plan.steps.length });
  const events = {
    onProgress: (progress: CaptureProgress) => tellProgress(press, progress),
    onNotStored: addUnsaved,
  };
  try {
    for await (const stored of capture(device, plan, naming, events, press.shutter.signal)) {
      onStored(stored);
      void storeUnsaved();
    }
  } catch (error) {
    const text = error instanceof Error ? error.message : 'The frame could not be made.';
    fieldStore.update((s) => ({ ...s, notice: { text } }));
  } finally {
    endPress(press);
  }
}
