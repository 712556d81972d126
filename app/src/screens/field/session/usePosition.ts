import { useEffect } from 'react';
import { followPosition } from '../../../camera/position';
import { useStore } from '../../../state/store';
import { geotagStore, readGeotag } from '../../../storage/kept/geotag';
import { fieldStore } from './fieldState';

/** Knows where frames are taken while that is wanted: of a camera that is somewhere. */
export function usePosition(): void {
  const wanted = useStore(geotagStore, (on) => on);
  const isHere = useStore(fieldStore, (s) => s.choice.device === 'browser');
  useEffect(() => {
    if (isHere) void readGeotag();
  }, [isHere]);
  useEffect(() => (wanted && isHere ? followPosition() : undefined), [wanted, isHere]);
}
