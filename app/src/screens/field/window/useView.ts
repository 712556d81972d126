import { useEffect } from 'react';
import { useStore } from '../../../state/store';
import { session } from '../session/fieldSession';
import { fieldStore } from '../session/fieldState';
import type { FieldMeasures } from '../layout';
import { loupeAfterTurning, loupeNow } from './loupeView';

const LIVE_LONG_PX = 640;

/** Tells the camera how the Window wants its picture. */
export function useView({ upright, pictureWidth, pictureHeight }: FieldMeasures): void {
  const marks = useStore(fieldStore, (s) => s.marks && !s.bare);
  const clips = useStore(fieldStore, (s) => s.clips);
  const depth = useStore(fieldStore, (s) => (s.bare ? 'off' : s.depth));
  const monitors = useStore(fieldStore, (s) => s.preferences.monitors);
  const lightAhead = useStore(fieldStore, (s) => s.preferences.lightAhead);
  const activeTape = useStore(fieldStore, (s) => s.activeTape);
  const peaking =
    monitors.peaking === 'always' || (monitors.peaking === 'focusing' && activeTape === 'focus');
  useEffect(() => {
    if (activeTape !== 'focus') loupeAfterTurning();
  }, [activeTape]);
  // Without a render: it is dragged.
  useEffect(() => {
    const tell = (): void => session.setLoupe(loupeNow());
    tell();
    return fieldStore.subscribe(tell);
  }, []);
  useEffect(() => {
    session.setView({
      lightAhead,
      upright,
      marks,
      clips,
      depth,
      peaking,
      monitors,
      scale: Math.max(pictureWidth, pictureHeight) / LIVE_LONG_PX,
    });
  }, [lightAhead, upright, marks, clips, depth, peaking, monitors, pictureWidth, pictureHeight]);
}
