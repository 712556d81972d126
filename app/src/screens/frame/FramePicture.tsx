import { useEffect, useMemo, useRef } from 'react';
import { Image, StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { useMagnifySteps } from '../../instruments/useMagnifySteps';
import { useSlide } from '../../instruments/useSlide';
import { useWorkerCanvas } from '../../instruments/useWorkerCanvas';
import { ZOOMABLE } from '../../instruments/webStyles';
import { COLOUR, FONT } from '../../theme/theme';
import { FlipBar } from './FlipBar';
import {
  draggedCentre,
  nextZoom,
  placeInPicture,
  viewportOf,
  ZOOM_WORDS,
  type FrameLook,
  type Zoom,
} from './frameLook';
import type { Neighbours } from './useNeighbours';
import { Notch } from '../roll/Notch';
import type { Choice } from '../../storage/rolls/decision';
import type { OpenedFrame } from './useFrameView';

interface FramePictureProps {
  readonly opened: OpenedFrame;
  /** Where it is looked at, kept from frame to frame. */
  readonly look: FrameLook;
  readonly onLook: (look: FrameLook) => void;
  /** Shown until it has been read. */
  readonly thumbnail: string;
  readonly neighbours: Neighbours | null;
  readonly choice: Choice | null;
  /** It was swiped up or down. */
  readonly onChoose: (choice: Choice) => void;
  readonly width: number;
  readonly height: number;
}

/** Magnifications offered beside the one that is seen. */
const OTHER_ZOOMS: Readonly<Record<Zoom, readonly Zoom[]>> = {
  fit: [1],
  1: [2, 'fit'],
  2: [1, 'fit'],
};

/**
 * A swipe over the whole picture counts when it is this long: sideways goes on, up keeps, down drops.
 */
const SWIPE_PX = 50;

/**
 * The developed frame: whole, or photosite by photosite where it was tapped, pinched or the wheel
 * turned; drag to move about.
 */
export function FramePicture(props: FramePictureProps) {
  const { opened, look, onLook, thumbnail, neighbours, choice, onChoose, width, height } = props;
  const host = useRef<View>(null);
  const centre = useRef(look.centre);
  const { zoom } = look;
  const swiped = useRef({ x: 0, y: 0 });
  const { summary, attach, show } = opened;

  useWorkerCanvas(host, summary, attach);

  const draw = useMemo(
    () => (at: Zoom) => show(viewportOf({ zoom: at, centre: centre.current }, { width, height })),
    [show, width, height],
  );
  useEffect(() => {
    if (summary) draw(zoom);
  }, [summary, zoom, draw]);
  const zoomTo = (next: Zoom): void => onLook({ zoom: next, centre: centre.current });
  /** Looks closer at a place of the whole picture, and at the middle of a piece. */
  const aim = (x: number, y: number): void => {
    if (zoom === 'fit' && summary)
      centre.current = placeInPicture(summary, { width, height }, x, y);
  };

  const start = useRef({ x: 0, y: 0 });
  useSlide(host, {
    alone: true,
    onTap(x, y) {
      if (!summary) return;
      aim(x, y);
      zoomTo(zoom === 'fit' ? 1 : 'fit');
    },
    // The first of two taps has looked closer already, or back at the whole.
    onDoubleTap() {
      if (summary) zoomTo(2);
    },
    onStart() {
      start.current = centre.current;
      swiped.current = { x: 0, y: 0 };
    },
    onEnd() {
      const { x, y } = swiped.current;
      if (zoom !== 'fit') zoomTo(zoom);
      else if (Math.max(Math.abs(x), Math.abs(y)) < SWIPE_PX) return;
      else if (Math.abs(x) > Math.abs(y)) neighbours?.to(x < 0 ? 1 : -1);
      else onChoose(y < 0 ? 'kept' : 'dropped');
    },
    onMove(x, y) {
      swiped.current = { x, y };
      if (zoom === 'fit' || !summary) return;
      centre.current = draggedCentre(start.current, zoom, summary, x, y);
      draw(zoom);
    },
  });
  useMagnifySteps(host, (by, x, y) => {
    if (!summary) return;
    aim(x, y);
    zoomTo(nextZoom(zoom, by));
  });
  return (
    <View style={{ width, height }}>
      <View
        ref={host}
        role="img"
        aria-label={zoom === 'fit' ? 'Whole frame' : `Frame at ${100 * zoom} percent`}
        testID="frame-picture"
        style={[styles.host, ZOOMABLE, { width, height }]}
      />
      {!summary && thumbnail !== '' && (
        <Image source={{ uri: thumbnail }} style={styles.before} resizeMode="contain" alt="" />
      )}
      {!summary && <Text style={styles.wait}>Reading the raw ...</Text>}
      <Notch choice={choice} />
      {neighbours && (
        <View style={styles.flip}>
          <FlipBar words={neighbours.words} onFlip={neighbours.to} />
        </View>
      )}
      {summary && (
        <View style={styles.zoom}>
          {OTHER_ZOOMS[zoom].map((other) => (
            <Button
              key={other}
              label={ZOOM_WORDS[other]}
              onPress={() => zoomTo(other)}
              style={styles.zoomButton}
            />
          ))}
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  host: { backgroundColor: '#141414' },
  wait: {
    position: 'absolute',
    left: 16,
    top: 16,
    fontFamily: FONT.medium,
    fontSize: 16,
    color: COLOUR.light,
  },
  before: { position: 'absolute', left: 0, top: 0, width: '100%', height: '100%' },
  flip: { position: 'absolute', left: 8, bottom: 8 },
  zoom: { position: 'absolute', right: 8, bottom: 8, flexDirection: 'row', gap: 6 },
  zoomButton: { backgroundColor: 'rgba(22,22,22,0.85)' },
});
