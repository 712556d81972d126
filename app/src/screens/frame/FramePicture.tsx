import { AS_TAKEN, framedSize } from '@velmo/core/recipe';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { useMagnifySteps } from '../../instruments/gestures/useMagnifySteps';
import { useScreenKeys } from '../useScreenKeys';
import { useSlide } from '../../instruments/gestures/useSlide';
import { useWorkerCanvas } from '../../instruments/window/useWorkerCanvas';
import { UNSELECTABLE, ZOOMABLE } from '../../instruments/webStyles';
import { COLOUR, FONT, typePx } from '../../theme/theme';
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
import { PictureBar } from './PictureBar';
import { ReadingChip } from './ReadingChip';
import { Notch } from '../roll/contactSheet/Notch';
import type { ListedFrame } from '../../storage/frames/madeFrame';
import type { Choice } from '../../storage/rolls/decision';
import { FramedThumbnail } from '../roll/contactSheet/FramedThumbnail';
import type { ChosenMarks } from './useFrameMarks';
import type { OpenedFrame } from './useFrameView';
import { useReading } from './useReading';

interface FramePictureProps {
  readonly opened: OpenedFrame;
  /** Where it is looked at, kept from frame to frame. */
  readonly look: FrameLook;
  readonly onLook: (look: FrameLook) => void;
  /** Its small picture is shown until it has been read. */
  readonly frame: ListedFrame;
  readonly neighbours: Neighbours | null;
  readonly marks: ChosenMarks;
  readonly full: boolean;
  readonly onFull: (full: boolean) => void;
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
 * A swipe over the whole picture counts when it is this long: sideways goes on, up keeps, down
 * drops.
 */
const SWIPE_PX = 50;

/** Narrower than this, magnification stands above the way to the frames beside this one. */
const NARROW = 560;

/** Shift and an arrow key move a piece by this share of what is seen. */
const PAN_SHARE = 0.25;
const PAN_KEYS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [1, 0],
  ArrowRight: [-1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/**
 * The developed frame: whole, or photosite by photosite where it was tapped, pinched or the wheel
 * turned; drag to move about, hold to read.
 */
export function FramePicture(props: FramePictureProps) {
  const { opened, look, onLook, frame, neighbours, onChoose, width, height } = props;
  const { marks, full, onFull } = props;
  const { choice, reframe: reframed, development } = frame.decision;
  const reframe = reframed ?? AS_TAKEN;
  const host = useRef<View>(null);
  const centre = useRef(look.centre);
  const { zoom } = look;
  const swiped = useRef({ x: 0, y: 0 });
  const { summary, attach, show } = opened;
  const size = useMemo(() => summary && framedSize(reframe, summary), [reframe, summary]);

  useWorkerCanvas(host, summary, attach);

  const printed = marks.marks;
  const draw = useMemo(
    () => (at: Zoom) => {
      if (!size) return;
      const box = { width, height };
      const aimed = { zoom: at, centre: centre.current };
      const viewport = viewportOf(aimed, size, box, { reframe, development });
      void show(viewport, printed).then((isShown) => {
        // What is on the canvas now, for whoever has to wait for it.
        const element = host.current as unknown as HTMLElement | null;
        if (isShown && element)
          element.dataset.shown = JSON.stringify({ zoom: at, marks: printed, size, development });
      });
    },
    [show, size, reframe, development, width, height, printed],
  );
  useEffect(() => {
    if (size) draw(zoom);
  }, [size, zoom, draw]);
  const zoomTo = (next: Zoom): void => onLook({ zoom: next, centre: centre.current });
  /** Looks closer at a place of the whole picture, and at the middle of a piece. */
  const aim = (x: number, y: number): void => {
    if (zoom === 'fit' && size) centre.current = placeInPicture(size, { width, height }, x, y);
  };

  const isReading = useReading(host, {
    opened,
    reframe,
    size,
    look: () => ({ zoom, centre: centre.current }),
    box: { width, height },
  });
  const pan = useCallback(
    (x: number, y: number): void => {
      if (zoom === 'fit' || !size) return;
      const box = { width, height };
      centre.current = draggedCentre(centre.current, zoom, size, box, x * width, y * height);
      onLook({ zoom, centre: centre.current });
      draw(zoom);
    },
    [zoom, size, width, height, onLook, draw],
  );
  usePanKeys(pan);
  const start = useRef({ x: 0, y: 0 });
  useSlide(host, {
    alone: true,
    onTap(x, y) {
      if (!summary || isReading()) return;
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
      if (isReading()) return;
      if (zoom !== 'fit') zoomTo(zoom);
      else if (Math.max(Math.abs(x), Math.abs(y)) < SWIPE_PX) return;
      else if (Math.abs(x) > Math.abs(y)) neighbours?.to(x < 0 ? 1 : -1);
      else onChoose(y < 0 ? 'kept' : 'dropped');
    },
    onMove(x, y) {
      swiped.current = { x, y };
      if (zoom === 'fit' || !size || isReading()) return;
      centre.current = draggedCentre(start.current, zoom, size, { width, height }, x, y);
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
        style={[styles.host, ZOOMABLE, UNSELECTABLE, { width, height }]}
      />
      {!summary && (
        <View style={styles.before}>
          <FramedThumbnail frame={frame} width={width} height={height} fit="contain" />
        </View>
      )}
      {!summary && <Text style={styles.wait}>Reading the raw ...</Text>}
      <ReadingChip width={width} height={height} />
      <PictureBar marks={marks} full={full} onFull={onFull} />
      <Notch choice={choice} />
      {neighbours && (
        <View style={styles.flip}>
          <FlipBar words={neighbours.words} onFlip={neighbours.to} />
        </View>
      )}
      {summary && (
        <View style={[styles.zoom, neighbours && width < NARROW && styles.zoomAbove]}>
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

/** Shift and the arrow keys move a piece about, while this screen is in front. */
function usePanKeys(pan: (x: number, y: number) => void): void {
  useScreenKeys(
    useCallback(
      (event) => {
        const by = event.shiftKey ? PAN_KEYS[event.key] : undefined;
        if (!by) return;
        event.preventDefault();
        pan(by[0] * PAN_SHARE, by[1] * PAN_SHARE);
      },
      [pan],
    ),
  );
}

const styles = StyleSheet.create({
  host: { backgroundColor: '#141414' },
  wait: {
    position: 'absolute',
    left: 16,
    top: 62,
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    color: COLOUR.light,
  },
  before: { position: 'absolute', left: 0, top: 0 },
  flip: { position: 'absolute', left: 8, bottom: 8 },
  zoom: { position: 'absolute', right: 8, bottom: 8, flexDirection: 'row', gap: 6 },
  zoomAbove: { bottom: 60 },
  zoomButton: { backgroundColor: 'rgba(22,22,22,0.85)' },
});
