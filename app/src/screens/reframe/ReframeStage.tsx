import {
  AS_TAKEN,
  framedBox,
  turnedSize,
  type Crop,
  type Held,
  type Reframe,
} from '@velmo/core/recipe';
import { useDrag } from '@use-gesture/react';
import { useEffect, useRef, useState, type RefObject } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Line } from 'react-native-svg';
import { guardGestures } from '../../instruments/gestures/edgeGuard';
import { useWorkerCanvas } from '../../instruments/window/useWorkerCanvas';
import { UNSELECTABLE, ZOOMABLE } from '../../instruments/webStyles';
import { useStore, type Store } from '../../state/store';
import { COLOUR } from '../../theme/theme';
import { viewportOf, WHOLE } from '../frame/frameLook';
import type { OpenedFrame } from '../frame/useFrameView';
import { CropBox } from './CropBox';
import { draggedBy, levelledBy, reframeOf, type Reframing } from './reframing';
import { reframeWords } from './reframeWords';
import type { Size } from '../../frame/shownPicture';

interface ReframeStageProps {
  readonly opened: OpenedFrame;
  /** Size of the picture as it was taken. */
  readonly taken: Size;
  readonly store: Store<Reframing>;
  /** The next drag draws a line to level by. */
  readonly levels: boolean;
  readonly onLevelled: () => void;
  readonly width: number;
  readonly height: number;
}

/** Room left around the picture, for its tabs. */
const ROOM = 24;
/** A tab is taken from so far. */
const REACH = 26;
/** A line to level by is at least so long. */
const LINE_PX = 24;
/** Keys move an edge by this share of the picture's sides. */
const STEP = 0.01;
const KEYS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

/** Where a picture lies in the room it has, straightened. */
function laidIn(reframe: Reframe, taken: Size, width: number, height: number) {
  const turned = turnedSize(taken, reframe.quarters);
  const angle = (reframe.tilt / 1800) * Math.PI;
  const [cos, sin] = [Math.cos(angle), Math.abs(Math.sin(angle))];
  const scale = Math.min(
    (width - 2 * ROOM) / (turned.width * cos + turned.height * sin),
    (height - 2 * ROOM) / (turned.width * sin + turned.height * cos),
  );
  const size = { width: turned.width * scale, height: turned.height * scale };
  const origin = { x: (width - size.width) / 2, y: (height - size.height) / 2 };
  const box = framedBox(reframe, taken);
  return {
    size,
    origin,
    left: origin.x + box.x * scale,
    top: origin.y + box.y * scale,
    across: box.width * scale,
    down: box.height * scale,
  };
}

type Laid = ReturnType<typeof laidIn>;

/** What a hand at a place takes: edges or all of what is kept; undefined beside it. */
function takenAt({ left, top, across, down }: Laid, x: number, y: number): Held | null | undefined {
  const near = (at: number, from: number, length: number): -1 | 0 | 1 => {
    const [low, high] = [Math.abs(at - from), Math.abs(at - from - length)];
    if (Math.min(low, high) > REACH) return 0;
    return low < high ? -1 : 1;
  };
  const held = { x: near(x, left, across), y: near(y, top, down) };
  const within =
    x > left - REACH && x < left + across + REACH && y > top - REACH && y < top + down + REACH;
  if (!within) return undefined;
  return held.x === 0 && held.y === 0 ? null : held;
}

interface Drawn {
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
}

/** The whole picture, straightened, and the window in it that is kept. */
export function ReframeStage(props: ReframeStageProps) {
  const { opened, taken, store, width, height } = props;
  const now = useStore(store, (reframing) => reframing);
  const host = useRef<View>(null);
  const surface = useRef<View>(null);
  const reframe = reframeOf(now, taken);
  const laid = laidIn(reframe, taken, width, height);
  const drawn = useCropDrag(surface, props, laid, reframe.crop);
  useWorkerCanvas(host, opened.summary, opened.attach, { display: 'block' });
  const { show } = opened;
  const { quarters } = now;
  useEffect(() => {
    const whole = { ...AS_TAKEN, quarters };
    const turned = turnedSize(taken, quarters);
    const { size } = laidIn(whole, taken, width, height);
    void show(viewportOf(WHOLE, turned, size, { reframe: whole }), null).then((isShown) => {
      const element = host.current as unknown as HTMLElement | null;
      if (isShown && element) element.dataset.shown = JSON.stringify({ quarters });
    });
  }, [show, taken, quarters, width, height]);
  const onKeyDown = (event: React.KeyboardEvent): void => {
    const way = KEYS[event.key];
    if (!way) return;
    event.preventDefault();
    const held = event.shiftKey ? ({ x: 1, y: 1 } as const) : null;
    const by = { x: way[0], y: way[1] };
    store.update((before) => draggedBy(before, taken, reframeOf(before, taken).crop, held, by));
  };
  return (
    <View style={[styles.stage, { width, height }]}>
      <View
        ref={host}
        testID="reframe-picture"
        style={[
          styles.picture,
          {
            left: laid.origin.x,
            top: laid.origin.y,
            ...laid.size,
            transform: [{ rotate: `${now.tilt / 10}deg` }],
          },
        ]}
      />
      <CropBox width={width} height={height} {...laid} fine={now.tilt !== 0} />
      {drawn && (
        <Svg width={width} height={height} style={styles.over}>
          <Line
            x1={drawn.from[0]}
            y1={drawn.from[1]}
            x2={drawn.to[0]}
            y2={drawn.to[1]}
            stroke={COLOUR.vermilion}
            strokeWidth={2}
          />
        </Svg>
      )}
      <View
        ref={surface}
        testID="reframe-box"
        role="group"
        tabIndex={0}
        aria-label={`What is kept: ${reframeWords(reframe, taken)}. Arrow keys move it, Shift and arrow keys resize it.`}
        style={[styles.over, ZOOMABLE, UNSELECTABLE, { width, height }]}
        {...({
          onKeyDown,
          dataSet: { reframe: JSON.stringify(reframe), laid: JSON.stringify(laid) },
        } as object)}
      />
    </View>
  );
}

/** Drags what is kept by its tabs or as a whole, or draws a line to level by: that is returned. */
function useCropDrag(
  surface: RefObject<View | null>,
  { store, taken, levels, onLevelled }: ReframeStageProps,
  laid: Laid,
  crop: Crop,
): Drawn | null {
  const [drawn, setDrawn] = useState<Drawn | null>(null);
  const began = useRef<{ readonly held: Held | null | undefined; readonly crop: Crop }>({
    held: undefined,
    crop,
  });
  useEffect(() => guardGestures(surface.current as unknown as HTMLElement), [surface]);
  useDrag(
    ({ first, last, initial, xy }) => {
      // The gesture's own movement leaves out what told it from a tap.
      const [x, y] = [xy[0] - initial[0], xy[1] - initial[1]];
      const box = (surface.current as unknown as HTMLElement).getBoundingClientRect();
      const from = [initial[0] - box.left, initial[1] - box.top] as const;
      if (levels) {
        setDrawn(last ? null : { from, to: [xy[0] - box.left, xy[1] - box.top] });
        if (!last || Math.hypot(x, y) < LINE_PX) return;
        store.update((before) => levelledBy(before, { x, y }));
        onLevelled();
        return;
      }
      if (first) began.current = { held: takenAt(laid, from[0], from[1]), crop };
      const { held, crop: start } = began.current;
      if (held === undefined) return;
      const by = { x: x / laid.size.width, y: y / laid.size.height };
      store.update((before) => draggedBy(before, taken, start, held, by));
    },
    {
      target: surface as unknown as RefObject<EventTarget>,
      filterTaps: true,
      pointer: { keys: false },
    },
  );
  return drawn;
}

const styles = StyleSheet.create({
  stage: { backgroundColor: '#141414', overflow: 'hidden' },
  picture: { position: 'absolute' },
  over: { position: 'absolute', left: 0, top: 0 },
});
