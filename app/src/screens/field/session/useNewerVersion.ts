import { useEffect } from 'react';
import { keptOffline } from '../../../engine/keptOffline';
import { say } from './fieldState';

/** Says once that a newer Velmo has come: it never takes over in the middle of work. */
export function useNewerVersion(): void {
  useEffect(() => {
    const look = (): void => {
      if (keptOffline.get() === 'newer')
        say('A newer Velmo is here: it takes over once every page of Velmo has been closed.');
    };
    look();
    return keptOffline.subscribe(look);
  }, []);
}
