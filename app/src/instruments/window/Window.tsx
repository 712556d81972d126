import { useRef, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useWorkerCanvas } from './useWorkerCanvas';
import { PANNABLE } from '../webStyles';
import type { WindowHandlers } from './hands';
import { useWindowGestures } from './windowGestures';

interface WindowProps {
  readonly width: number;
  readonly height: number;
  /**
   * Changes whenever a new canvas is needed: a canvas can be handed to a worker only once. 0: no
   * camera yet.
   */
  readonly source: number;
  readonly label: string;
  /** The picture is still being refined. */
  readonly busy: boolean;
  readonly attach: (canvas: OffscreenCanvas) => void;
  /** A canvas that is drawn on already, if there is one: nothing is attached then. */
  readonly take: () => HTMLCanvasElement | null;
  readonly handlers: WindowHandlers;
  /** Marks laid over the picture. */
  readonly children?: ReactNode;
}

/** The live picture: a canvas whose pixels belong to a worker. React never touches them. */
export function Window({
  width,
  height,
  source,
  label,
  busy,
  attach,
  take,
  handlers,
  children,
}: WindowProps) {
  const host = useRef<View>(null);
  useWindowGestures(host, handlers);
  useWorkerCanvas(host, source === 0 ? null : source, attach, { objectFit: 'contain' }, take);
  return (
    <View style={{ width, height }}>
      <View
        ref={host}
        role="img"
        aria-label={label}
        aria-busy={busy}
        testID="window"
        style={[styles.window, PANNABLE, { width, height }]}
      />
      {children}
    </View>
  );
}

const styles = StyleSheet.create({ window: { backgroundColor: '#141414', overflow: 'hidden' } });
