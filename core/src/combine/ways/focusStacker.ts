import type { RawFile } from '../../files/rawFile';
import { alignBracket, commonBox } from '../align/alignStack';
import { alignedFile } from '../align/alignedFile';
import { STILL } from '../align/homography';
import { warpRaw } from '../align/warpRaw';
import { byFocus } from '../focus/byFocus';
import { choiceOf, paintedOver, type ChoiceMap } from '../focus/choiceMap';
import { sharpnessOf } from '../focus/sharpness';
import { stackRows } from '../focus/stackRows';
import { measuredRatio } from '../merge/exposures';
import type { PixelBox } from '../../optics/aspect';
import { checkStack, CombineError, type StackRaw } from '../stackRaw';
import type { Combined, Combiner, Corrections } from './way';

/** Rows made between two reports. */
const ROWS = 64;

/** Focus steps laid on one of them. */
interface Laid {
  /** In the order of their places among all. */
  readonly frames: readonly StackRaw[];
  readonly places: readonly number[];
  readonly leftOut: readonly number[];
  /** The one they are laid on, by its place among all. */
  readonly reference: number;
  /** How many times as much light each was given as that one. */
  readonly given: readonly number[];
  readonly aligned: boolean;
  readonly common: PixelBox;
  /** As it was found. */
  readonly choice: ChoiceMap;
}

/** Focus steps on their way to become one frame that is sharp all over. */
export class FocusStacker implements Combiner {
  private readonly files: RawFile[] = [];
  private readonly stack: StackRaw[] = [];
  private laid: Laid | null = null;

  constructor(private readonly aligns: boolean) {}

  add(file: RawFile, frame: StackRaw): void {
    this.files.push(file);
    this.stack.push(frame);
    this.laid = null;
  }

  combine({ painted }: Corrections, onShare: (share: number) => void): Combined {
    this.laid ??= lay(this.stack, byFocus(this.files), this.aligns);
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
}

/** A painted frame among those that are in it; as found where it is not. */
const placeIn = (places: readonly number[], frame: number): number =>
  frame < 0 ? -1 : places.indexOf(frame);

/**
 * Lays focus steps on the one in the middle, each on its neighbour in focus, with which it shares
 * most that is sharp. Throws CombineError where fewer than two can be.
 */
function lay(stack: readonly StackRaw[], order: readonly number[], aligns: boolean): Laid {
  checkStack(stack);
  const middle = Math.floor((order.length - 1) / 2);
  const found = aligns
    ? alignBracket(
        order.map((place) => stack[place]),
        middle,
      )
    : order.map(() => STILL);
  const places = stack.map((_, i) => i).filter((place) => found[order.indexOf(place)] !== null);
  if (places.length < 2)
    throw new CombineError(
      'These frames cannot be laid on one another: they show different pictures.',
    );
  const motions = places.map((place) => found[order.indexOf(place)]!);
  const aligned = motions.some((motion) => motion !== STILL);
  const frames = places.map((place, k) =>
    aligned ? warpRaw(stack[place], motions[k]) : stack[place],
  );
  const reference = order[middle];
  const base = frames[places.indexOf(reference)];
  const given = frames.map((frame) => (frame === base ? 1 : measuredRatio(base, frame)));
  const { width, height } = stack[0];
  return {
    frames,
    places,
    leftOut: stack.map((_, i) => i).filter((place) => !places.includes(place)),
    reference,
    given,
    aligned,
    common: commonBox(motions, width, height),
    choice: choiceOf(frames.map((frame, k) => sharpnessOf(frame, given[k]))),
  };
}
