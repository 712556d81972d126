import { alignedFile } from '../align/alignedFile';
import { layStack, middleOf, type LaidStack } from '../align/layStack';
import { byFocus } from '../focus/byFocus';
import { choiceOf, paintedOver, type ChoiceMap } from '../focus/choiceMap';
import { sharpnessOf } from '../focus/sharpness';
import { stackRows } from '../focus/stackRows';
import { measuredRatio } from '../merge/exposures';
import { HeldStack } from './heldStack';
import type { Combined, Corrections } from './way';

/** Rows made between two reports. */
const ROWS = 64;

/** Focus steps laid on one of them, the nearest first. */
interface Laid extends LaidStack {
  /** The one they are laid on, by its place among all. */
  readonly reference: number;
  /** How many times as much light each was given as that one. */
  readonly given: readonly number[];
  /** As it was found. */
  readonly choice: ChoiceMap;
}

/** Focus steps on their way to become one frame that is sharp all over. */
export class FocusStacker extends HeldStack<Laid> {
  combine({ painted }: Corrections, onShare: (share: number) => void): Combined {
    const { frames, places, leftOut, reference, given, aligned, common, choice } = this.laid;
    const { width, height, samplesPerPixel, noise } = frames[0];
    const dabs = painted.map((dab) => ({ ...dab, frame: placeIn(places, dab.frame) }));
    const map = paintedOver(choice, dabs, { width, height });
    const rowSamples = width * samplesPerPixel;
    const light = new Float32Array(rowSamples * height);
    for (let y = 0; y < height; y += ROWS) {
      const rows = Math.min(ROWS, height - y);
      const out = light.subarray(y * rowSamples, (y + rows) * rowSamples);
      stackRows(frames, given, map, y, rows, out);
      onShare((y + rows) / height);
    }
    const own = this.files[reference];
    const file = aligned ? alignedFile(own, common) : own;
    const { baselineExposure } = file;
    const result = { light, file, noise, baselineExposure };
    return { reference, moved: null, choice: map, result, leftOut, aligned };
  }

  protected lay(): Laid {
    const order = byFocus(this.files);
    const laid = layStack(this.stack, order, this.aligns);
    const { frames, places } = laid;
    const reference = order[middleOf(order.length)];
    const base = frames[places.indexOf(reference)];
    const given = frames.map((frame) => (frame === base ? 1 : measuredRatio(base, frame)));
    const choice = choiceOf(frames.map((frame, k) => sharpnessOf(frame, given[k])));
    return { ...laid, reference, given, choice };
  }
}

/** A painted frame among those that are in it; as found where it is not. */
const placeIn = (places: readonly number[], frame: number): number =>
  frame < 0 ? -1 : places.indexOf(frame);
