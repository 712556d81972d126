import { useEffect, useRef } from 'react';
import { StyleSheet, View } from 'react-native';

interface WindowProps {
  readonly width: number;
  readonly height: number;
  /** Changes whenever a new canvas is needed: a canvas can be handed to a worker only once. */
  readonly source: object | null;
  readonly label: string;
  readonly attach: (canvas: OffscreenCanvas) => void;
  /** A finger is put on the picture (true) or lifted (false). */
  readonly onHold: (holding: boolean) => void;
}

/** The live picture: a canvas whose pixels belong to a worker. React never touches them. */
export function Window({ width, height, source, label, attach, onHold }: WindowProps) {
  const host = useRef<View>(null);
  useEffect(() => {
    const element = host.current as unknown as HTMLElement | null;
    if (!element || !source) return;
    const canvas = document.createElement('canvas');
    canvas.style.width = '100%';
    canvas.style.height = '100%';
    canvas.style.objectFit = 'contain';
    element.append(canvas);
    attach(canvas.transferControlToOffscreen());
    return () => canvas.remove();
  }, [source, attach]);
  return (
    <View
      ref={host}
      role="img"
      aria-label={label}
      testID="window"
      onPointerDown={() => onHold(true)}
      onPointerUp={() => onHold(false)}
      onPointerLeave={() => onHold(false)}
      style={[styles.window, { width, height }]}
    />
  );
}

const styles = StyleSheet.create({ window: { backgroundColor: '#141414', overflow: 'hidden' } });
