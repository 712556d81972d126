import { useFocusEffect, useRouter } from 'expo-router';
import { useCallback, useMemo } from 'react';
import { useSeries } from '../../storage/frameQueries';
import type { FrameRecord } from '../../storage/frameRecord';

/** The other frames of a frame's series. */
export interface Flip {
  /** Ids in the order in which they were made. */
  readonly ids: readonly string[];
  /** "2 of 5", or "2 of 9, 5 there" of a series that ended early. */
  readonly words: string;
  /** Goes to the next or the one before, round the ends. */
  readonly to: (by: 1 | -1) => void;
}

/** Null for a frame that is none of several. */
export function useFlip(record: FrameRecord): Flip | null {
  const router = useRouter();
  const { data } = useSeries(record.id);
  const { series } = record;
  return useMemo(() => {
    const ids = data?.map((frame) => frame.record.id) ?? [];
    if (!series || ids.length < 2) return null;
    const place = `${series.step + 1} of ${series.count}`;
    return {
      ids,
      words: ids.length < series.count ? `${place}, ${ids.length} there` : place,
      to(by) {
        const next = (ids.indexOf(record.id) + by + ids.length) % ids.length;
        router.setParams({ id: ids[next] });
      },
    };
  }, [data, series, record.id, router]);
}

/** Arrow keys flip while this screen is the one in front. */
export function useFlipKeys(flip: Flip | null): void {
  useFocusEffect(
    useCallback(() => {
      if (!flip) return;
      const onKey = (event: KeyboardEvent): void => {
        if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
        if (event.key === 'ArrowRight') flip.to(1);
        else if (event.key === 'ArrowLeft') flip.to(-1);
      };
      window.addEventListener('keydown', onKey);
      return () => window.removeEventListener('keydown', onKey);
    }, [flip]),
  );
}
