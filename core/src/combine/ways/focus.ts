import { focusSpread, isSameExposure, isSameFocus } from './facts';
import type { CombineWay } from './way';

/** Focus that differs by this many dioptres was stepped on purpose. */
const STEPPED_DIOPTRES = 0.1;

/** All sharp: of frames focused apart, each where it is sharpest. */
export const FOCUS: CombineWay<'focus'> = {
  id: 'focus',
  finishes: false,
  rawsOnly: false,
  maxFrames: 16,
  fits(stack) {
    if (!isSameExposure(stack)) return 0;
    // Where the files do not say where they are focused, they may be steps all the same.
    if (stack.some(({ focusDioptres }) => focusDioptres === null)) return 0.05;
    if (isSameFocus(stack)) return 0;
    return focusSpread(stack) > STEPPED_DIOPTRES ? 1 : 0.5;
  },
};
