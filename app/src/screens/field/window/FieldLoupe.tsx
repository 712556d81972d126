import { useEffect, useState } from 'react';
import { whenIdle } from '../../../engine/whenIdle';
import { Loupe, LOUPE_BOX } from '../../../instruments/window/Loupe';
import { useStore } from '../../../state/store';
import { fieldStore, readingsStore } from '../session/fieldState';
import { closeLoupe, dragLoupe, listenToSharpness, zoomLoupe } from './loupeView';

const MARGIN = 6;
/** How long it takes at most until there is time for what may be wanted. */
const IDLE_MS = 2000;

interface FieldLoupeProps {
  /** Where the part of the picture begins that nothing covers, and its width. */
  readonly left: number;
  readonly width: number;
  readonly source: number;
  readonly attach: (canvas: OffscreenCanvas) => void;
}

/** The picture is there and sharp, and the page has had time for what may be wanted. */
function useTimeAhead(): boolean {
  const [hasTime, setHasTime] = useState(false);
  const refined = useStore(readingsStore, (r) => r?.refined ?? false);
  useEffect(() => {
    if (refined) whenIdle(() => setHasTime(true), IDLE_MS);
  }, [refined]);
  return hasTime;
}

/**
 * The loupe, in the upper corner away from the place it looks at. It lies ready before it is
 * wanted: the turn of the tape that brings it does not wait for it.
 */
export function FieldLoupe({ left, width, source, attach }: FieldLoupeProps) {
  const open = useStore(fieldStore, (s) => s.loupe !== null && !s.bare);
  const onRight = useStore(fieldStore, (s) => (s.loupe?.at.x ?? 1) < 0.5);
  const zoom = useStore(fieldStore, (s) => s.preferences.focusing.loupeZoom);
  const isReady = useTimeAhead();
  if (!open && !isReady) return null;
  return (
    <Loupe
      isShown={open}
      left={left + (onRight ? Math.max(MARGIN, width - LOUPE_BOX.width - MARGIN) : MARGIN)}
      top={MARGIN}
      zoom={zoom}
      source={source}
      attach={attach}
      subscribe={listenToSharpness}
      onDrag={dragLoupe}
      onZoom={zoomLoupe}
      onClose={closeLoupe}
    />
  );
}
