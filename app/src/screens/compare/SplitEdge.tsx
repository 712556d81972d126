import { useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { useSlide } from '../../instruments/gestures/useSlide';
import { SLIDABLE_ACROSS } from '../../instruments/webStyles';
import { COLOUR } from '../../theme/theme';
import { clamp01 } from '../frame/frameLook';

interface SplitEdgeProps {
  /** 0..1 from the left. */
  readonly at: number;
  readonly width: number;
  readonly height: number;
  readonly name: string;
  readonly onMove: (at: number) => void;
}

const STEP = 0.02;
const GRIP_PX = 44;

/** The drawn edge between two frames: dragged, or moved by the arrow keys. */
export function SplitEdge({ at, width, height, name, onMove }: SplitEdgeProps) {
  const edge = useRef<View>(null);
  const start = useRef(at);
  useSlide(edge, {
    onStart: () => (start.current = at),
    onMove: (x) => onMove(clamp01(start.current + x / width)),
  });
  const onKeyDown = (event: React.KeyboardEvent): void => {
    const by = event.key === 'ArrowLeft' ? -STEP : event.key === 'ArrowRight' ? STEP : 0;
    if (by === 0) return;
    event.preventDefault();
    onMove(clamp01(at + by));
  };
  return (
    <View
      ref={edge}
      role="slider"
      aria-label={name}
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Math.round(100 * at)}
      tabIndex={0}
      style={[styles.edge, SLIDABLE_ACROSS, { height, left: at * width - GRIP_PX / 2 }]}
      {...({ onKeyDown } as object)}
    >
      <View style={styles.line} />
    </View>
  );
}

const styles = StyleSheet.create({
  edge: { position: 'absolute', top: 0, width: GRIP_PX, alignItems: 'center' },
  line: { flex: 1, width: 2, backgroundColor: COLOUR.paper },
});
