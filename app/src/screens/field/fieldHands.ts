import type { PicturePoint } from '@velmo/core/exposure';
import { findLens, LENSES } from '@velmo/core/optics';
import type { WindowHands } from '../../instruments/windowGestures';
import { changeSettings, meterAt, pan, zoom } from './fieldSession';
import { fieldStore } from './fieldState';
import { focusAt } from './focusInHand';
import { openLoupe } from './loupeView';
import { leavePin } from './pins';
import { neutralAt } from './whiteInHand';

/** The tape in hand decides what a tap means: neutral, focus, meter, or meter and focus with nothing in hand. */
function tapAt(at: PicturePoint): void {
  const { hand, capabilities } = fieldStore.get();
  if (hand === 'white' && capabilities?.white?.tint) void neutralAt(at);
  else if (hand === 'focus') focusAt(at);
  else {
    meterAt(at);
    if (hand === null && fieldStore.get().settings.focus.mode === 'auto') focusAt(at);
  }
}

/** What hands on the Window do. */
export const FIELD_HANDS: WindowHands = {
  onTap: (at) => tapAt(clamped(at)),
  onDoubleTap: (at) => openLoupe(clamped(at)),
  onLongPress: (at) => leavePin(clamped(at)),
  onPan: (dx, dy) => {
    if (fieldStore.get().capabilities?.canPan) pan(dx, dy);
  },
  onZoom: (factor) => {
    const { settings, capabilities } = fieldStore.get();
    const lens = findLens(settings.lens) ?? LENSES[0];
    if (capabilities?.zoomMax) {
      const crop = Math.min(capabilities.zoomMax, Math.max(1, settings.crop * factor));
      changeSettings((s) => ({ ...s, crop }));
    } else if (capabilities?.hasRig) zoom(lens.focalLength35Mm * settings.crop * factor);
  },
  onHold: (bare) => fieldStore.update((s) => ({ ...s, bare })),
};

const clamped = ({ x, y }: PicturePoint): PicturePoint => ({
  x: Math.min(1, Math.max(0, x)),
  y: Math.min(1, Math.max(0, y)),
});
