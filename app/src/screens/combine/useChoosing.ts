import {
  FIRST_FINISH,
  wayOf,
  waysFor,
  NO_CORRECTIONS,
  type CombineChoices,
  type Corrections,
  type Dab,
  type FinishChoices,
  type MovedChoice,
  type WayId,
} from '@velmo/core/combine';
import { useState } from 'react';
import type { CombinedFacts } from '../../combine/combine.worker';
import type { CombineRecipe } from '../../storage/frames/frameRecord';
import { sourceFile, sourceKind, type SourceKind } from '../../combine/sourceFile';
import type { ListedFrame } from '../../storage/frames/madeFrame';
import { nextFrame, paintedWords, stackFacts, takenWords } from './combineWords';

/** What has been chosen of how frames become one. */
export interface Choosing {
  /** What is combined of them. */
  readonly kind: SourceKind;
  /** Frames that take part, in the order in which they were made. */
  readonly used: readonly ListedFrame[];
  readonly leftOut: ReadonlySet<string>;
  /** What the frame at a place of those is called: its number in the stack. */
  readonly numberOf: (place: number) => number;
  /** Leaves a frame out, or takes it in again. */
  readonly toggle: (id: string) => void;
  /** Ways that fit, the best first, and the one in hand. */
  readonly ways: readonly WayId[];
  readonly way: WayId;
  readonly setWay: (way: WayId) => void;
  /** The place of a frame among those that take part; -1: it takes none. */
  readonly placeOf: (id: string) => number;
  readonly corrections: Corrections;
  /** Takes the next frame at a place that moved; returns all that is corrected then. */
  readonly takeNext: (at: MovedChoice) => Corrections;
  /** Paints over what is taken where; returns the same. */
  readonly paint: (dabs: readonly Dab[]) => Corrections;
  /** What was corrected last, in words. */
  readonly taken: string | null;
  readonly setFinish: (finish: FinishChoices) => void;
  readonly setFloats: (floating: boolean) => void;
  /** All of it, as far as what was found decides what was not chosen. */
  readonly choices: (facts: CombinedFacts | null) => CombineChoices;
}

/**
 * @param frames in the order in which they were made
 * @param recipe how they were combined before; null: not yet
 */
export function useChoosing(
  frames: readonly ListedFrame[],
  recipe: CombineRecipe | null,
): Choosing {
  const kind = sourceKind(frames);
  const [leftOut, setLeftOut] = useState<ReadonlySet<string>>(
    () => new Set(frames.filter((f) => !sourceFile(f, kind)).map(({ record }) => record.id)),
  );
  const [asked, setAsked] = useState<WayId | null>(recipe?.way ?? null);
  const [corrections, setCorrections] = useState<Corrections>({
    moved: recipe?.moved ?? [],
    painted: recipe?.painted ?? [],
  });
  const [taken, setTaken] = useState<string | null>(null);
  const [finish, setFinish] = useState(recipe?.finish ?? FIRST_FINISH);
  const [floats, setFloats] = useState<boolean | null>(recipe?.floating ?? null);
  const used = frames.filter(({ record }) => !leftOut.has(record.id));
  const ways = waysFor(used.map(({ record }) => stackFacts(record, kind)));
  const way = asked && ways.includes(asked) ? asked : (ways[0] ?? 'average');
  /** Other frames, or another way: nothing is known of what moves in them. */
  const anew = (): void => {
    setCorrections(NO_CORRECTIONS);
    setTaken(null);
  };
  const corrected = (next: Corrections, words: string): Corrections => {
    setCorrections(next);
    setTaken(words);
    return next;
  };
  return {
    kind,
    used,
    leftOut,
    numberOf: (place) => frames.indexOf(used[place]) + 1,
    toggle(id) {
      // One without a file of that kind stays out.
      if (!frames.some((frame) => frame.record.id === id && sourceFile(frame, kind))) return;
      anew();
      setLeftOut((now) => {
        const next = new Set(now);
        if (!next.delete(id)) next.add(id);
        return next;
      });
    },
    ways,
    way,
    setWay(next) {
      anew();
      setAsked(next);
    },
    placeOf: (id) => used.findIndex(({ record }) => record.id === id),
    corrections,
    takeNext(at) {
      const frame = nextFrame(at.frame, used.length);
      const others = corrections.moved.filter(({ x, y }) => x !== at.x || y !== at.y);
      const moved = [...others, { ...at, frame }];
      return corrected({ ...corrections, moved }, takenWords(frame, used.length));
    },
    paint(dabs) {
      const frame = dabs[0]?.frame ?? -1;
      const painted = [...corrections.painted, ...dabs];
      return corrected(
        { ...corrections, painted },
        paintedWords(way, frame, frames.indexOf(used[frame]) + 1),
      );
    },
    taken,
    setFinish,
    setFloats,
    choices: (facts) => ({
      way,
      ...corrections,
      finish: wayOf(way).finishes ? finish : null,
      floating: floats ?? (facts !== null && !facts.fitsWhole),
    }),
  };
}
