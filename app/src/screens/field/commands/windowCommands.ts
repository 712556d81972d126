import type { PicturePoint } from '@velmo/core/exposure';
import { findLens, LENSES } from '@velmo/core/optics';
import type { WindowHandlers } from '../../../instruments/window/hands';
import { session } from '../session/fieldSession';
import { fieldStore } from '../session/fieldState';
import { focusAt } from './focusCommands';
import { openLoupe } from '../window/loupeView';
import { leavePin } from './pins';
import { neutralAt } from './whiteCommands';

/**
 * The tape in hand decides what a tap means: neutral, focus, meter, or meter and focus with nothing
 * in hand.
 */
function tapAt(at: PicturePoint): void {
  const { activeTape, capabilities } = fieldStore.get();
  if (activeTape === 'white' && capabilities?.white?.tint) void neutralAt(at);
  else if (activeTape === 'focus') focusAt(at);
  else {
    session.meterAt(at);
    if (activeTape === null && fieldStore.get().settings.focus.mode === 'auto') focusAt(at);
  }
}

/** What hands on the Window do. */
export const WINDOW_HANDLERS: WindowHandlers = {
  onTap: (at) => tapAt(clamped(at)),
  onDoubleTap: (at) => openLoupe(clamped(at)),
  onLongPress: (at) => leavePin(clamped(at)),
  onPan: (dx, dy) => {
    if (fieldStore.get().capabilities?.canPan) session.pan(dx, dy);
  },
  onZoom: (factor) => {
    const { settings, capabilities } = fieldStore.get();
    const lens = findLens(settings.lens) ?? LENSES[0];
    if (capabilities?.zoomMax) {
      const crop = Math.min(capabilities.zoomMax, Math.max(1, settings.crop * factor));
      session.changeSettings((s) => ({ ...s, crop }));
    } else if (capabilities?.hasRig) session.zoom(lens.focalLength35Mm * settings.crop * factor);
  },
  onHold: (bare) => fieldStore.update((s) => ({ ...s, bare })),
};

const clamped = ({ x, y }: PicturePoint): PicturePoint => ({
  x: Math.min(1, Math.max(0, x)),
  y: Math.min(1, Math.max(0, y)),
});
