import { dioptresOf } from '../../optics/defocus';
import { AUTO, held, heldFocus } from '../../settings/settings';
import { FIRST_SERIES } from '../../series/kinds';
import { onTripod } from './base';
import { baseIso, timeByLight, whiteAsRead } from './exposeFor';
import type { StartingPoint } from './startingPoint';

export const windowInterior: StartingPoint = {
  id: 'window-interior',
  name: 'Interior with a window',
  why: 'No single frame holds room and window: a bracket does, from pane to corner.',
  next: 'Next: tripod, nothing may move. Afterwards Combine, Whole range.',
  parts: ['exposure', 'focus', 'white', 'rig', 'series'],
  meant: {},
  asksCoverage: true,
  begin(s, camera) {
    const through = { ...s, lens: 'main', crop: 1 };
    const hyperfocalM = camera.focus(through)?.hyperfocalM ?? null;
    return {
      ...onTripod(through),
      time: AUTO,
      iso: held(baseIso(camera)),
      meter: { ...s.meter, pattern: 'centre' },
      focus: hyperfocalM === null ? s.focus : heldFocus(dioptresOf(hyperfocalM)),
      series: { kind: 'bracket', frames: 5, stepClicks: 6, order: 'middle-first' },
    };
  },
  fit(s, light, camera) {
    const metered = whiteAsRead(timeByLight(s, light, camera), light);
    if (!light.coverage || metered.time.mode === 'auto') return metered;
    const { offsets, stepClicks } = light.coverage;
    const middle = offsets[Math.floor(offsets.length / 2)];
    return {
      ...metered,
      // What the middle frame is brighter than the meter asks for is meant: Comp says so.
      compClicks: metered.compClicks + middle,
      time: held(metered.time.click + middle),
      series:
        offsets.length === 1
          ? FIRST_SERIES.single
          : { kind: 'bracket', frames: offsets.length, stepClicks, order: 'middle-first' },
    };
  },
};
