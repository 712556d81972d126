import { useQueryClient } from '@tanstack/react-query';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useCallback, useEffect, useState } from 'react';
import { checkArchive, isArchive } from '../../../archive/openingArchive';
import { onLaunchFiles, takeShared } from '../../../frame/opening/handedFiles';
import { openFiles, openingStore, type OpeningFiles } from '../../../frame/opening/openFiles';
import { useStore } from '../../../state/store';
import { currentRollStore, type CurrentRoll } from '../../../storage/rolls/currentRoll';

/** Files being opened, and what came of them. */
export interface Opening {
  /** Null before anything was opened, and once what was said of it is put away. */
  readonly progress: OpeningFiles | null;
  readonly open: (files: readonly File[]) => void;
  readonly putAway: () => void;
  /** Files are held over the page. */
  readonly isOver: boolean;
}

/**
 * Opens files from elsewhere by button or by dropping them on the page.
 *
 * @param roll the roll they are to lie in; null: the one frames are made into
 */
export function useOpenFiles(roll: CurrentRoll | null): Opening {
  const client = useQueryClient();
  const progress = useStore(openingStore, (p) => p);
  const [isOver, setOver] = useState(false);
  const open = useCallback(
    (handed: readonly File[]): void => {
      const [archive] = handed.filter(isArchive);
      if (archive) void checkArchive(archive);
      const files = handed.filter((file) => !isArchive(file));
      if (files.length === 0 && archive) return;
      const showThem = (): void => void client.invalidateQueries({ queryKey: ['frames'] });
      void openFiles(files, roll ?? currentRollStore.get(), () => {
        // A list of thousands is not made anew with every file.
        if ((openingStore.get()?.opened ?? 0) <= FIRST_SHOWN) showThem();
      }).then(showThem);
    },
    [client, roll],
  );
  useEffect(() => {
    const holdsFiles = (event: DragEvent): boolean =>
      event.dataTransfer?.types.includes('Files') ?? false;
    const onOver = (event: DragEvent): void => {
      if (!holdsFiles(event)) return;
      event.preventDefault();
      setOver(true);
    };
    const onLeave = (event: DragEvent): void => {
      if (event.relatedTarget === null) setOver(false);
    };
    const onDrop = (event: DragEvent): void => {
      if (!holdsFiles(event)) return;
      event.preventDefault();
      setOver(false);
      open([...(event.dataTransfer?.files ?? [])]);
    };
    window.addEventListener('dragover', onOver);
    window.addEventListener('dragleave', onLeave);
    window.addEventListener('drop', onDrop);
    return () => {
      window.removeEventListener('dragover', onOver);
      window.removeEventListener('dragleave', onLeave);
      window.removeEventListener('drop', onDrop);
    };
  }, [open]);
  useHandedFiles(open);
  return { progress, open, putAway: () => openingStore.set(null), isOver };
}

/** So many files are shown one by one as they come. */
const FIRST_SHOWN = 12;

/** Opens what the system hands over: shared with the installed app, or opened with it. */
function useHandedFiles(open: (files: readonly File[]) => void): void {
  const { handed } = useLocalSearchParams<{ handed?: string }>();
  const router = useRouter();
  useEffect(() => onLaunchFiles(open), [open]);
  useEffect(() => {
    if (handed === undefined) return;
    takeShared().then(open, () => open([]));
    // The address is one to come back to, and nothing is handed over twice.
    router.setParams({ handed: undefined });
  }, [handed, open, router]);
}
