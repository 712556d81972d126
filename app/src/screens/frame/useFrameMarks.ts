import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { DEFAULT_MONITORS } from '@velmo/core/monitor';
import type { FrameMarks } from '../../frame/frameMarks';
import { useScreenKeys } from '../useScreenKeys';
import { createStore, useStore } from '../../state/store';
import {
  keepMarkChoice,
  lastMarkChoice,
  NO_MARKS,
  type MarkChoice,
} from '../../storage/kept/markChoice';
import { lastPreferences } from '../../storage/kept/preferences';

/** What can be marked over a stored frame. */
export const FRAME_MARKS = ['clips', 'zebra', 'edges'] as const;
export type FrameMark = (typeof FRAME_MARKS)[number];

/** The same for every frame that is looked at. */
const choiceStore = createStore<MarkChoice>(NO_MARKS);
let remembered: Promise<void> | null = null;

function remember(): void {
  remembered ??= lastMarkChoice().then((last) => {
    // What was pressed meanwhile is what is wanted.
    if (last && choiceStore.get() === NO_MARKS) choiceStore.set(last);
  });
}

function toggle(mark: FrameMark): void {
  choiceStore.update((choice) => ({ ...choice, [mark]: !choice[mark] }));
  // What could not be kept costs a tap next time.
  keepMarkChoice(choiceStore.get()).catch(() => {});
}

const MARK_OF_KEY: Readonly<Record<string, FrameMark>> = { c: 'clips', s: 'zebra', e: 'edges' };

const onKey = ({ key }: KeyboardEvent): void => {
  const mark = MARK_OF_KEY[key];
  if (mark) toggle(mark);
};

/** The marks that are on, and what switches them. */
export interface ChosenMarks {
  readonly choice: MarkChoice;
  /** Null where nothing is marked. */
  readonly marks: FrameMarks | null;
  readonly toggle: (mark: FrameMark) => void;
}

/** What is marked on frames, remembered, and in the way Field marks it; C, S, E switch. */
export function useFrameMarks(): ChosenMarks {
  const choice = useStore(choiceStore, (c) => c);
  const { data: preferences } = useQuery({
    queryKey: ['preferences'],
    queryFn: lastPreferences,
    staleTime: 0,
  });
  useEffect(remember, []);
  useScreenKeys(onKey);
  const monitors = preferences?.monitors ?? DEFAULT_MONITORS;
  const { clips, zebra, edges } = choice;
  const marks = useMemo(
    () => (clips || zebra || edges ? { clips, zebra, edges, monitors } : null),
    [clips, zebra, edges, monitors],
  );
  return { choice, marks, toggle };
}
