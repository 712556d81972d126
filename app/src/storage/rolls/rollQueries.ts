import {
  keepPreviousData,
  useMutation,
  useQuery,
  useQueryClient,
  type QueryClient,
} from '@tanstack/react-query';
import { frameQuery, ROLLS_KEY } from '../frames/frameQueries';
import {
  applyChange,
  beginningOfRoll,
  deleteRoll,
  listRolls,
  listUnreadable,
  viewRoll,
} from '../frames/frames';
import { changed, type RollChange } from './change';
import { currentRollStore, NO_ROLL, setCurrentRoll } from './currentRoll';
import { doneNow, takeUndone } from './undo';
import type { RollView } from './rollView';

/**
 * Frames of a roll as a view shows them; those of the view before until they are there.
 *
 * @param enabled false: not asked for yet
 */
export const useRoll = (view: RollView, enabled = true) =>
  useQuery({
    enabled,
    queryKey: [...ROLLS_KEY, 'view', view],
    queryFn: () => viewRoll(view),
    placeholderData: keepPreviousData,
  });

/**
 * How a roll begins, until all of it is known: its frames are shown before those of the device have
 * been looked through.
 */
export function useRollBeginning(view: RollView) {
  const client = useQueryClient();
  return useQuery({
    queryKey: [...ROLLS_KEY, 'beginning', view],
    async queryFn() {
      const beginning = await beginningOfRoll(view);
      for (const frame of beginning?.frames ?? [])
        client.setQueryData(frameQuery(frame.record.id).queryKey, frame);
      return beginning;
    },
    gcTime: 0,
  });
}

/** Every roll with what lies in it. */
export const useRolls = (enabled = true) =>
  useQuery({ enabled, queryKey: [...ROLLS_KEY, 'all'], queryFn: () => listRolls() });

/** Frames whose record this version cannot read. */
export const useUnreadable = (enabled: boolean) =>
  useQuery({
    enabled,
    queryKey: [...ROLLS_KEY, 'unreadable'],
    queryFn: () => listUnreadable(),
  });

/** Shows what was decided at once, before it is written. */
function showChange(client: QueryClient, { frames }: RollChange): void {
  for (const frame of frames)
    client.setQueryData(
      frameQuery(frame.id).queryKey,
      (found) => found && { ...found, decision: changed(found.decision, frame) },
    );
}

function showAnew(client: QueryClient): void {
  for (const queryKey of [ROLLS_KEY, ['frames', 'newest'], ['frames', 'series']])
    void client.invalidateQueries({ queryKey });
}

/** The roll frames are made into follows what happens to it. */
function followRolls({ rolls }: RollChange): void {
  const current = currentRollStore.get();
  const now = rolls.find(({ id }) => id === current.id);
  if (now) setCurrentRoll(now.roll ? { id: now.id, name: now.roll.name } : NO_ROLL);
}

/** What is to be done, and what it is called once it is done: "3 frames dropped". */
interface Deed {
  readonly words: string;
  readonly change: RollChange;
}

/** Decides on frames and rolls; each can be taken back. */
export function useDecide() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ change }: Deed) => applyChange(change),
    onMutate: ({ change }) => showChange(client, change),
    onSuccess(back, { words, change }) {
      followRolls(change);
      doneNow({ words, back });
    },
    onError: () => client.invalidateQueries({ queryKey: ['frames', 'one'] }),
    onSettled: () => showAnew(client),
  });
}

/** Takes the last thing back that was decided. */
export function useUndo() {
  const client = useQueryClient();
  return useMutation({
    async mutationFn() {
      const last = takeUndone();
      if (!last) return null;
      showChange(client, last.back);
      try {
        await applyChange(last.back);
      } catch (error) {
        // It can still be taken back.
        doneNow(last);
        throw error;
      }
      followRolls(last.back);
      return last;
    },
    onError: () => client.invalidateQueries({ queryKey: ['frames', 'one'] }),
    onSettled: () => showAnew(client),
  });
}

/** Deletes a roll; its frames become loose, or are dropped as well. */
export function useDeleteRoll() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, drops }: { id: string; name: string; drops: boolean }) =>
      deleteRoll(id, drops),
    onSuccess(back, { id, name }) {
      followRolls({ frames: [], rolls: [{ id, roll: null }] });
      doneNow({ words: `Roll ${name} deleted`, back });
      void client.invalidateQueries({ queryKey: ['frames', 'one'] });
    },
    onSettled: () => showAnew(client),
  });
}
