import { useEffect, useRef, useState } from 'react';
import { StyleSheet, Text, View, type ViewStyle } from 'react-native';
import type { Viewport } from '../../frame/shownPicture';
import { useMagnifySteps } from '../../instruments/gestures/useMagnifySteps';
import { useSlide } from '../../instruments/gestures/useSlide';
import { useWorkerCanvas } from '../../instruments/window/useWorkerCanvas';
import { PANNABLE } from '../../instruments/webStyles';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import {
  draggedCentre,
  nextZoom,
  NOT_MOVED,
  placeInPicture,
  viewportOf,
  type FrameLook,
  type Moved,
  type Zoom,
} from '../frame/frameLook';
import type { OpenedFrame } from '../frame/useFrameView';
import { LETTERS, type CompareWay } from './compared';
import { SplitEdge } from './SplitEdge';
import type { Comparison } from './useComparison';

interface ComparedPicturesProps {
  readonly frames: readonly OpenedFrame[];
  /** How far each has moved against the first; null is not known. */
  readonly moved: readonly (Moved | null)[];
  readonly way: CompareWay;
  /** Which of them stands against the first, by its place. */
  readonly other: number;
  readonly difference: Comparison['picture'];
  readonly look: FrameLook;
  readonly onLook: (look: FrameLook) => void;
  /** The other lies on top, by a held key. */
  readonly flipped: boolean;
  readonly width: number;
  readonly height: number;
}

/** More than two side by side stand in two rows, but on a wide screen. */
function gridOf(count: number, width: number, height: number): { columns: number; rows: number } {
  const columns = count === 3 && width > 1.5 * height ? 3 : 2;
  return { columns, rows: Math.ceil(count / columns) };
}

/**
 * Frames at the same place and magnification: flipped, side by side, split by an edge, or their
 * difference.
 */
export function ComparedPictures(props: ComparedPicturesProps) {
  const { frames, moved, way, other, difference, look, onLook, flipped, width, height } = props;
  const [held, setHeld] = useState(false);
  const [edge, setEdge] = useState(0.5);
  const host = useRef<View>(null);
  const centre = useRef(look.centre);
  const start = useRef(look.centre);
  const { columns, rows } = way === 'beside' ? gridOf(frames.length, width, height) : ONE;
  const box = { width: width / columns, height: height / rows };
  const { zoom } = look;
  const picture = frames[0].summary;
  const theirs = moved[other] ?? NOT_MOVED;
  const show = (at: Zoom): void => {
    if (!picture) return;
    const shown = (by: Moved): Viewport =>
      viewportOf({ zoom: at, centre: centre.current }, picture, box, { moved: by });
    if (way === 'difference') void difference?.show(shown(NOT_MOVED), theirs);
    else
      frames.forEach((frame, i) => {
        const seen = way === 'beside' || i === 0 || i === other;
        if (seen && frame.summary) void frame.show(shown(moved[i] ?? NOT_MOVED), null);
      });
  };

  useEffect(() => {
    centre.current = look.centre;
    show(zoom);
    // Shown anew with what it is made of.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [...frames, moved, way, other, difference, box.width, box.height, zoom, look.centre]);

  useSlide(host, {
    alone: true,
    onStart() {
      start.current = centre.current;
    },
    onMove(x, y) {
      if (zoom === 'fit' || !picture) return;
      centre.current = draggedCentre(start.current, zoom, picture, box, x, y);
      show(zoom);
    },
    onEnd() {
      if (zoom !== 'fit') onLook({ zoom, centre: centre.current });
    },
  });
  useMagnifySteps(host, (by, x, y) => {
    if (zoom === 'fit' && picture)
      centre.current = placeInPicture(picture, box, x % box.width, y % box.height);
    onLook({ zoom: nextZoom(zoom, by), centre: centre.current });
  });
  const hold = {
    onPointerDown: () => setHeld(true),
    onPointerUp: () => setHeld(false),
    onPointerCancel: () => setHeld(false),
    onPointerLeave: () => setHeld(false),
  } as object;
  const showsOther = flipped || held;
  const styleOf = (i: number): ViewStyle => {
    const place = {
      left: way === 'beside' ? (i % columns) * box.width : 0,
      top: way === 'beside' ? Math.floor(i / columns) * box.height : 0,
      ...box,
    };
    const isSeen =
      way === 'beside' ||
      (way !== 'difference' && (i === 0 || (i === other && (way === 'split' || showsOther))));
    // What lies on top comes last: the first is always underneath.
    if (!isSeen) return { ...place, opacity: 0 };
    return way === 'split' && i === other
      ? ({ ...place, clipPath: `inset(0 0 0 ${(100 * edge).toFixed(2)}%)` } as ViewStyle)
      : place;
  };
  return (
    <View style={{ width, height }}>
      <View
        ref={host}
        role="img"
        aria-label={`${shownWords(way, frames.length, other, showsOther)}${zoom === 'fit' ? '' : ` at ${100 * zoom} percent`}`}
        testID="compared"
        style={[styles.host, PANNABLE, { width, height }]}
        {...(way === 'flip' ? hold : {})}
      >
        {frames.map((opened, i) => (
          <Picture key={LETTERS[i]} opened={opened} style={styleOf(i)} />
        ))}
        {difference && (
          <DifferencePicture
            attach={difference.attach}
            style={{ left: 0, top: 0, ...box, opacity: way === 'difference' ? 1 : 0 }}
          />
        )}
      </View>
      {way === 'beside' &&
        frames.map((_, i) => (
          <View key={LETTERS[i]} style={[styles.cell, styleOf(i)]}>
            <Text style={styles.name}>{LETTERS[i]}</Text>
          </View>
        ))}
      {way === 'split' && (
        <SplitEdge
          at={edge}
          width={width}
          height={height}
          name={`Edge between A and ${LETTERS[other]}`}
          onMove={setEdge}
        />
      )}
      {(way === 'split' || (way === 'flip' && !showsOther)) && (
        <Text style={[styles.name, styles.first]}>A</Text>
      )}
      {(way === 'split' || (way === 'flip' && showsOther)) && (
        <Text style={[styles.name, styles.second]}>{LETTERS[other]}</Text>
      )}
    </View>
  );
}

const ONE = { columns: 1, rows: 1 };

function shownWords(way: CompareWay, count: number, other: number, showsOther: boolean): string {
  if (way === 'flip') return `Frame ${showsOther ? LETTERS[other] : 'A'}`;
  if (way === 'difference') return `How ${LETTERS[other]} differs from A`;
  if (way === 'split') return `Frames A and ${LETTERS[other]}`;
  const names = LETTERS.slice(0, count);
  return `Frames ${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

interface PictureProps {
  readonly opened: OpenedFrame;
  readonly style: ViewStyle;
}

function Picture({ opened: { summary, attach }, style }: PictureProps) {
  const host = useRef<View>(null);
  useWorkerCanvas(host, summary, attach);
  return <View ref={host} style={[styles.picture, style]} />;
}

interface DifferencePictureProps {
  readonly attach: (canvas: OffscreenCanvas) => void;
  readonly style: ViewStyle;
}

function DifferencePicture({ attach, style }: DifferencePictureProps) {
  const host = useRef<View>(null);
  useWorkerCanvas(host, attach, attach);
  return <View ref={host} style={[styles.picture, style]} testID="difference" />;
}

const styles = StyleSheet.create({
  host: { backgroundColor: '#141414', overflow: 'hidden' },
  picture: { position: 'absolute' },
  cell: {
    position: 'absolute',
    borderWidth: 1,
    borderColor: COLOUR.paper,
    padding: 7,
    alignItems: 'flex-start',
    pointerEvents: 'none',
  },
  name: {
    paddingHorizontal: 8,
    paddingVertical: 2,
    borderRadius: 4,
    backgroundColor: 'rgba(22,22,22,0.85)',
    fontFamily: FONT.semibold,
    fontSize: typePx(16),
    color: COLOUR.light,
    pointerEvents: 'none',
  },
  first: { position: 'absolute', top: 8, left: 8 },
  second: { position: 'absolute', top: 8, right: 8 },
});
