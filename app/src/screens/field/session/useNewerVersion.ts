import { useEffect } from 'react';
import { keptOffline, keptOfflineWords } from '../../../engine/keptOffline';
import { announce } from './fieldState';

/** Says once that a newer Velmo has come: it never takes over in the middle of work. */
export function useNewerVersion(): void {
  useEffect(() => {
    const look = (): void => {
      if (keptOffline.get() === 'newer') announce(keptOfflineWords('newer'));
    };
    look();
    return keptOffline.subscribe(look);
  }, []);
}
