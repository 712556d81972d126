import { Loupe, LOUPE_BOX } from '../../../instruments/window/Loupe';
import { useStore } from '../../../state/store';
import { fieldStore } from '../session/fieldState';
import { closeLoupe, dragLoupe, listenToSharpness, zoomLoupe } from './loupeView';

const MARGIN = 6;

interface FieldLoupeProps {
  /** Where the part of the picture begins that nothing covers, and its width. */
  readonly left: number;
  readonly width: number;
  readonly source: number;
  readonly attach: (canvas: OffscreenCanvas) => void;
}

/** The loupe, in the upper corner away from the place it looks at. */
export function FieldLoupe({ left, width, source, attach }: FieldLoupeProps) {
  const open = useStore(fieldStore, (s) => s.loupe !== null && !s.bare);
  const onRight = useStore(fieldStore, (s) => (s.loupe?.at.x ?? 1) < 0.5);
  const zoom = useStore(fieldStore, (s) => s.preferences.focusing.loupeZoom);
  if (!open) return null;
  return (
    <Loupe
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
