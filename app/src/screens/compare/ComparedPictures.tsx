import { useEffect, useRef, useState } from 'react';
import { StyleSheet, Text, View, type ViewStyle } from 'react-native';
import { useMagnifySteps } from '../../instruments/useMagnifySteps';
import { useSlide } from '../../instruments/useSlide';
import { useWorkerCanvas } from '../../instruments/useWorkerCanvas';
import { PANNABLE, SLIDABLE_ACROSS } from '../../instruments/webStyles';
import { COLOUR, FONT } from '../../theme/theme';
import {
  clamp01,
  draggedCentre,
  nextZoom,
  placeInPicture,
  viewportOf,
  type FrameLook,
  type Zoom,
} from '../frame/frameLook';
import type { OpenedFrame } from '../frame/useFrameView';

export const COMPARE_WAYS = ['flip', 'beside', 'split'] as const;
export type CompareWay = (typeof COMPARE_WAYS)[number];

interface ComparedPicturesProps {
  readonly a: OpenedFrame;
  readonly b: OpenedFrame;
  readonly way: CompareWay;
  readonly look: FrameLook;
  readonly onLook: (look: FrameLook) => void;
  /** B lies on top, by a held key. */
  readonly flipped: boolean;
  readonly width: number;
  readonly height: number;
}

/** Both frames at the same place and magnification: flipped, side by side, or split by an edge. */
export function ComparedPictures(props: ComparedPicturesProps) {
  const { a, b, way, look, onLook, flipped, width, height } = props;
  const [held, setHeld] = useState(false);
  const [edge, setEdge] = useState(0.5);
  const host = useRef<View>(null);
  const centre = useRef(look.centre);
  const start = useRef(look.centre);
  const each = way === 'beside' ? width / 2 : width;
  const { zoom } = look;
  const show = (at: Zoom): void => {
    const viewport = viewportOf({ zoom: at, centre: centre.current }, { width: each, height });
    for (const opened of [a, b]) if (opened.summary) void opened.show(viewport, null);
  };

  useEffect(() => {
    centre.current = look.centre;
    show(zoom);
    // Shown anew with what it is made of.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [a, b, each, height, zoom, look.centre]);

  useSlide(host, {
    alone: true,
    onStart() {
      start.current = centre.current;
    },
    onMove(x, y) {
      if (zoom === 'fit' || !a.summary) return;
      centre.current = draggedCentre(start.current, zoom, a.summary, { width: each, height }, x, y);
      show(zoom);
    },
    onEnd() {
      if (zoom !== 'fit') onLook({ zoom, centre: centre.current });
    },
  });
  useMagnifySteps(host, (by, x, y) => {
    const beside = x % each;
    if (zoom === 'fit' && a.summary)
      centre.current = placeInPicture(a.summary, { width: each, height }, beside, y);
    onLook({ zoom: nextZoom(zoom, by), centre: centre.current });
  });
  const hold = {
    onPointerDown: () => setHeld(true),
    onPointerUp: () => setHeld(false),
    onPointerCancel: () => setHeld(false),
    onPointerLeave: () => setHeld(false),
  } as object;
  const showsB = flipped || held;
  const split = { clipPath: `inset(0 0 0 ${(100 * edge).toFixed(2)}%)` } as ViewStyle;
  const top: ViewStyle =
    way === 'flip' ? { opacity: showsB ? 1 : 0 } : way === 'split' ? split : {};
  return (
    <View style={{ width, height }}>
      <View
        ref={host}
        role="img"
        aria-label={`${way === 'flip' ? (showsB ? 'Frame B' : 'Frame A') : 'Frames A and B'}${zoom === 'fit' ? '' : ` at ${100 * zoom} percent`}`}
        testID="compared"
        style={[styles.host, PANNABLE, { width, height }]}
        {...(way === 'flip' ? hold : {})}
      >
        <Picture opened={a} left={0} width={each} height={height} />
        <Picture
          opened={b}
          left={way === 'beside' ? each : 0}
          width={each}
          height={height}
          style={top}
        />
      </View>
      {way === 'beside' && <View style={[styles.between, { left: each - 1, height }]} />}
      {way === 'split' && <Edge at={edge} width={width} height={height} onMove={setEdge} />}
      {(way !== 'flip' || !showsB) && <Text style={[styles.name, styles.nameA]}>A</Text>}
      {(way !== 'flip' || showsB) && <Text style={[styles.name, styles.nameB]}>B</Text>}
    </View>
  );
}

interface PictureProps {
  readonly opened: OpenedFrame;
  readonly left: number;
  readonly width: number;
  readonly height: number;
  readonly style?: ViewStyle;
}

function Picture({ opened: { summary, attach }, left, width, height, style }: PictureProps) {
  const host = useRef<View>(null);
  useWorkerCanvas(host, summary, attach);
  return <View ref={host} style={[styles.picture, { left, width, height }, style]} />;
}

interface EdgeProps {
  /** 0..1 from the left. */
  readonly at: number;
  readonly width: number;
  readonly height: number;
  readonly onMove: (at: number) => void;
}

const STEP = 0.02;

/** The drawn edge between two frames: dragged, or moved by the arrow keys. */
function Edge({ at, width, height, onMove }: EdgeProps) {
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
      aria-label="Edge between A and B"
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Math.round(100 * at)}
      tabIndex={0}
      style={[styles.edge, SLIDABLE_ACROSS, { height, left: at * width - 22 }]}
      {...({ onKeyDown } as object)}
    >
      <View style={styles.line} />
    </View>
  );
}

const styles = StyleSheet.create({
  host: { backgroundColor: '#141414', overflow: 'hidden' },
  picture: { position: 'absolute', top: 0 },
  between: { position: 'absolute', top: 0, width: 2, backgroundColor: COLOUR.paper },
  edge: { position: 'absolute', top: 0, width: 44, alignItems: 'center' },
  line: { flex: 1, width: 2, backgroundColor: COLOUR.paper },
  name: {
    position: 'absolute',
    top: 8,
    paddingHorizontal: 8,
    paddingVertical: 2,
    borderRadius: 4,
    backgroundColor: 'rgba(22,22,22,0.85)',
    fontFamily: FONT.semibold,
    fontSize: 16,
    color: COLOUR.light,
    pointerEvents: 'none',
  },
  nameA: { left: 8 },
  nameB: { right: 8 },
});
