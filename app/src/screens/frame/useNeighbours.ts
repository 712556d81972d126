import { useQueryClient } from '@tanstack/react-query';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useScreenKeys } from '../useScreenKeys';
import { prepareFrames } from '../../frame/openFrames';
import { frameQuery, useSeries } from '../../storage/frames/frameQueries';
import type { FrameRecord } from '../../storage/frames/frameRecord';
import { useRoll } from '../../storage/rolls/rollQueries';
import { viewOfParams, wholeRoll, type RollView } from '../../storage/rolls/rollView';

/**
 * The frames before and after a frame: of its roll where it was opened there, else of its series.
 */
export interface Neighbours {
  /**
   * Ids of all frames of its series, in the order in which they were made; none of a single one.
   */
  readonly series: readonly string[];
  /** "2 of 5", "2 of 9, 5 there" of a series that ended early, "2 of 5 · 17 of 214" in a roll. */
  readonly words: string;
  /** Ids of the next and the one before: what is likely to be looked at next. */
  readonly beside: readonly string[];
  /** Goes to the next or the one before, round the ends. */
  readonly to: (by: 1 | -1) => void;
}

/** The view of the roll a frame was opened in; null where it was not opened in one. */
export function useOpenedIn(): RollView | null {
  const params = useLocalSearchParams();
  return params.roll === undefined
    ? null
    : viewOfParams({ ...params, ...(params.roll === 'all' && { roll: undefined }) });
}

/**
 * Frames of the roll a frame was opened in, as they stood then: what is decided meanwhile takes
 * none of them out of the row. Empty where it was not opened in one, or they are not known yet.
 */
export function useRow(id: string): readonly string[] {
  const view = useOpenedIn();
  const { data, isPlaceholderData } = useRoll(view ?? wholeRoll(null), view !== null);
  const [row, setRow] = useState<readonly string[]>([]);
  if (data && view && !isPlaceholderData && !row.includes(id)) {
    const now = data.stacks.flatMap(({ ids }) => ids);
    if (now.includes(id)) setRow(now);
  }
  return row;
}

const placeWords = (record: FrameRecord, there: number): string => {
  const { series } = record;
  if (!series || there < 2) return '';
  const place = `${series.step + 1} of ${series.count}`;
  return there < series.count ? `${place}, ${there} there` : place;
};

/**
 * Null for a frame that is none of several.
 *
 * @param row what `useRow` gave
 */
export function useNeighbours(record: FrameRecord, row: readonly string[]): Neighbours | null {
  const router = useRouter();
  const { data } = useSeries(record.id);
  return useMemo(() => {
    const series = data?.map((frame) => frame.record.id) ?? [];
    const ids = row.includes(record.id) ? row : series;
    if (ids.length < 2) return null;
    const at = ids.indexOf(record.id);
    const beside = (by: 1 | -1): string => ids[(at + by + ids.length) % ids.length];
    const inRoll = ids === row ? `${at + 1} of ${row.length}` : '';
    return {
      series: series.length > 1 ? series : [],
      words: [placeWords(record, series.length), inRoll].filter((w) => w !== '').join(' · '),
      beside: [...new Set([beside(1), beside(-1)])],
      to: (by) => router.setParams({ id: beside(by) }),
    };
  }, [data, row, record, router]);
}

/** Opens the frames beside one ahead, once it is shown itself. */
export function usePrepared(neighbours: Neighbours | null, isShown: boolean): void {
  const client = useQueryClient();
  const ids = isShown ? (neighbours?.beside.join(' ') ?? '') : '';
  useEffect(() => {
    if (ids === '') return;
    let left = false;
    const prepare = async (): Promise<void> => {
      const frames = await Promise.all(
        ids.split(' ').map((id) => client.fetchQuery(frameQuery(id))),
      );
      if (!left) prepareFrames(frames.flatMap((frame) => frame?.record ?? []));
    };
    // Whoever goes there is told what is wrong.
    prepare().catch(() => {});
    return () => {
      left = true;
    };
  }, [ids, client]);
}

/** Arrow keys go to the neighbours while this screen is the one in front. */
export function useNeighbourKeys(neighbours: Neighbours | null): void {
  useScreenKeys(
    useCallback(
      ({ key, shiftKey }) => {
        if (shiftKey) return;
        if (key === 'ArrowRight') neighbours?.to(1);
        else if (key === 'ArrowLeft') neighbours?.to(-1);
      },
      [neighbours],
    ),
  );
}
