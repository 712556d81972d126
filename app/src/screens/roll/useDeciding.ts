import type { Development, Reframe } from '@velmo/core/recipe';
import { useFocusEffect } from 'expo-router';
import { useCallback } from 'react';
import { isStorageFull } from '../../storage/database';
import type { Choice } from '../../storage/rolls/decision';
import { useDecide, useUndo } from '../../storage/rolls/rollQueries';
import { decidedWords, framesWords } from './rollWords';

/** What the photographer decides of frames, and takes back. */
export interface Deciding {
  /** Keeps, drops, or leaves undecided. */
  choose(ids: readonly string[], choice: Choice | null): void;
  /** @param roll '' makes them loose */
  move(ids: readonly string[], roll: string, rollName: string): void;
  /** @param reframe null: as it was taken */
  reframe(id: string, reframe: Reframe | null): void;
  /** @param development null: as the file asks */
  develop(ids: readonly string[], development: Development | null): void;
  undo(): void;
  /** The browser did not write it. */
  readonly failed: boolean;
  /** Frames that could not be dropped because there is no room left even to note that. */
  readonly noRoom: readonly string[];
}

/** Keeps, drops, moves and deletes frames, and takes it back. */
export function useDeciding(): Deciding {
  const { mutate: decide, isError: notDecided, error, variables } = useDecide();
  const { mutate: undo, isError: notUndone } = useUndo();
  const choose = useCallback(
    (ids: readonly string[], choice: Choice | null): void => {
      if (ids.length === 0) return;
      const frames = ids.map((id) => ({ id, choice }));
      decide({ words: decidedWords(ids.length, choice), change: { frames, rolls: [] } });
    },
    [decide],
  );
  const move = useCallback(
    (ids: readonly string[], roll: string, rollName: string): void => {
      if (ids.length === 0) return;
      const frames = ids.map((id) => ({ id, roll }));
      const words = `${framesWords(ids.length)} moved to ${rollName}`;
      decide({ words, change: { frames, rolls: [] } });
    },
    [decide],
  );
  const reframe = useCallback(
    (id: string, to: Reframe | null): void =>
      decide({
        words: to ? 'Frame reframed' : 'Frame as it was taken',
        change: { frames: [{ id, reframe: to }], rolls: [] },
      }),
    [decide],
  );
  const develop = useCallback(
    (ids: readonly string[], to: Development | null): void => {
      if (ids.length === 0) return;
      const frames = ids.map((id) => ({ id, development: to }));
      const words = `${framesWords(ids.length)} ${to ? 'developed' : 'as exposed'}`;
      decide({ words, change: { frames, rolls: [] } });
    },
    [decide],
  );
  const wasDropping = variables?.change.frames.every(({ choice }) => choice === 'dropped') ?? false;
  return {
    choose,
    move,
    reframe,
    develop,
    undo: useCallback(() => undo(), [undo]),
    failed: notDecided || notUndone,
    noRoom: isStorageFull(error) && wasDropping ? variables!.change.frames.map(({ id }) => id) : [],
  };
}

const CHOICE_OF_KEY: Readonly<Record<string, Choice | null>> = { k: 'kept', d: 'dropped', u: null };

/** K keeps, D drops, U leaves undecided, Z takes back, while this screen is in front. */
export function useDecidingKeys({ choose, undo }: Deciding, ids: () => readonly string[]): void {
  useFocusEffect(
    useCallback(() => {
      const onKey = (event: KeyboardEvent): void => {
        if (event.defaultPrevented || event.altKey) return;
        if (event.target instanceof HTMLInputElement) return;
        const key = event.key.toLowerCase();
        if (key === 'z') {
          event.preventDefault();
          undo();
        } else if (!event.ctrlKey && !event.metaKey && key in CHOICE_OF_KEY)
          choose(ids(), CHOICE_OF_KEY[key]);
      };
      window.addEventListener('keydown', onKey);
      return () => window.removeEventListener('keydown', onKey);
    }, [choose, undo, ids]),
  );
}
