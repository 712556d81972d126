import { useEffect, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { COLOUR } from '../../theme/theme';
import { Button } from '../Button';
import { useSlide } from '../gestures/useSlide';
import { useWorkerCanvas } from './useWorkerCanvas';
import { CONTAINED, GLIDING, PANNABLE } from '../webStyles';

/** Side of what a loupe shows, in screen pixels. */
export const LOUPE_PX = 152;
const BAR_PX = 14;

interface LoupeProps {
  /** Else it lies ready, unseen. */
  readonly isShown: boolean;
  readonly left: number;
  readonly top: number;
  /** Screen pixels per photosite. */
  readonly zoom: number;
  /** Changes when the camera does: a canvas can be handed to a worker only once. */
  readonly source: number;
  readonly attach: (canvas: OffscreenCanvas) => void;
  /**
   * Calls back with the sharpness now and the best seen, as shares of the bar; returns how to stop.
   */
  readonly subscribe: (listener: (now: number, best: number) => void) => () => void;
  /** Dragged by so many screen pixels. */
  readonly onDrag: (dx: number, dy: number) => void;
  readonly onZoom: () => void;
  readonly onClose: () => void;
}

const KEY_PX = 16;
const KEYS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [KEY_PX, 0],
  ArrowRight: [-KEY_PX, 0],
  ArrowUp: [0, KEY_PX],
  ArrowDown: [0, -KEY_PX],
};

/**
 * A piece of the sensor, photosite by photosite, with a bar of its sharpness. Drag it to look
 * elsewhere, tap it away.
 */
export function Loupe(props: LoupeProps) {
  const { isShown, left, top, zoom, source, attach, subscribe, onDrag, onZoom, onClose } = props;
  const host = useRef<View>(null);
  useWorkerCanvas(host, source === 0 ? null : source, attach, { imageRendering: 'pixelated' });
  const moved = useRef({ x: 0, y: 0 });
  useSlide(host, {
    onStart: () => (moved.current = { x: 0, y: 0 }),
    onMove(x, y) {
      const before = moved.current;
      moved.current = { x, y };
      if (x !== before.x || y !== before.y) onDrag(x - before.x, y - before.y);
    },
    onTap: onClose,
  });
  const onKeyDown = (event: React.KeyboardEvent): void => {
    const way = KEYS[event.key];
    if (way) onDrag(way[0], way[1]);
    else if (event.key === 'Enter' || event.key === ' ') onClose();
    else return;
    event.preventDefault();
  };
  return (
    <View
      style={[styles.loupe, CONTAINED, isShown ? { left, top } : styles.ready]}
      testID={isShown ? 'loupe' : undefined}
    >
      <View
        ref={host}
        role="button"
        tabIndex={0}
        aria-label={`Loupe ${zoom * 100} %: drag to look elsewhere, press to close`}
        style={[styles.glass, PANNABLE]}
        {...({ onKeyDown } as object)}
      />
      {isShown && <SharpnessBar subscribe={subscribe} />}
      {isShown && (
        <Button
          label={`${zoom * 100} %`}
          name={`Loupe at ${zoom * 100} %: change to ${zoom === 1 ? 200 : 100} %`}
          onPress={onZoom}
          style={styles.zoom}
        />
      )}
    </View>
  );
}

/** Higher is sharper; a line holds the best seen. */
function SharpnessBar({ subscribe }: Pick<LoupeProps, 'subscribe'>) {
  const bar = useRef<View>(null);
  const best = useRef<View>(null);
  const meter = useRef<View>(null);
  useEffect(
    () =>
      subscribe((now, most) => {
        const height = `${Math.round(100 * now)}%`;
        (bar.current as unknown as HTMLElement).style.height = height;
        (best.current as unknown as HTMLElement).style.bottom = `${Math.round(100 * most)}%`;
        const share = most > 0 ? Math.round((100 * now) / most) : 0;
        (meter.current as unknown as HTMLElement).setAttribute('aria-valuenow', `${share}`);
      }),
    [subscribe],
  );
  return (
    <View
      ref={meter}
      role="meter"
      aria-label="Sharpness, percent of the best seen"
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={0}
      style={styles.scale}
    >
      <View ref={bar} style={[styles.bar, GLIDING]} />
      <View ref={best} style={styles.best} />
    </View>
  );
}

const styles = StyleSheet.create({
  loupe: {
    position: 'absolute',
    width: LOUPE_PX + BAR_PX + 6,
    height: LOUPE_PX + 4,
    borderWidth: 2,
    borderColor: '#161616',
    backgroundColor: '#161616',
    flexDirection: 'row',
    gap: 2,
  },
  ready: { display: 'none' },
  glass: { width: LOUPE_PX, height: LOUPE_PX, overflow: 'hidden' },
  scale: { width: BAR_PX, height: LOUPE_PX, backgroundColor: '#2a2a2a' },
  bar: {
    position: 'absolute',
    left: 0,
    right: 0,
    bottom: 0,
    height: 0,
    backgroundColor: COLOUR.paper,
  },
  best: {
    position: 'absolute',
    left: -2,
    right: 0,
    bottom: 0,
    height: 2,
    backgroundColor: COLOUR.vermilion,
  },
  zoom: {
    position: 'absolute',
    left: 0,
    bottom: 0,
    backgroundColor: 'rgba(22,22,22,0.7)',
    borderWidth: 0,
    minHeight: 44,
  },
});

/** Width and height a loupe takes. */
export const LOUPE_BOX = { width: LOUPE_PX + BAR_PX + 6, height: LOUPE_PX + 4 } as const;
