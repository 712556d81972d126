import { useEffect } from 'react';
import { useStore } from '../../../state/store';
import { fieldStore } from '../session/fieldState';
import { AidLines } from './AidLines';
import { Caption } from './Caption';
import { LevelLine } from './LevelLine';
import { watchLevel } from './levelStore';

interface FieldAidsProps {
  readonly width: number;
  readonly height: number;
  /** Where the part of the picture begins that the ladder leaves free, and its width. */
  readonly left: number;
  readonly free: number;
}

/** Everything laid over the picture to compose by. */
export function FieldAids({ width, height, left, free }: FieldAidsProps) {
  const aids = useStore(fieldStore, (s) => s.preferences.aids);
  const opened = useStore(fieldStore, (s) => (s.phase === 'ready' ? s.opened : 0));
  const isWatched = opened > 0 && (aids.level || aids.caption.includes('tilt'));
  useEffect(() => (isWatched ? watchLevel() : undefined), [isWatched, opened]);
  return (
    <>
      <AidLines aids={aids} width={width} height={height} />
      {aids.level && <LevelLine strength={aids.strength} width={width} height={height} />}
      {aids.caption.length > 0 && <Caption parts={aids.caption} left={left} width={free} />}
    </>
  );
}
