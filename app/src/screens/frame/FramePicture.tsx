import { useEffect, useMemo, useRef } from 'react';
import { Image, StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { useSlide } from '../../instruments/useSlide';
import { useWorkerCanvas } from '../../instruments/useWorkerCanvas';
import { ZOOMABLE } from '../../instruments/webStyles';
import { COLOUR, FONT } from '../../theme/theme';
import { FlipBar } from './FlipBar';
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

/** Whole, or at 100 % about a place in the picture, 0..1. */
export interface FrameLook {
  readonly full: boolean;
  readonly centre: { readonly x: number; readonly y: number };
}

/**
 * A swipe over the whole picture counts when it is this long: sideways goes on, up keeps, down drops.
 */
const SWIPE_PX = 50;

const clamp01 = (v: number): number => Math.min(1, Math.max(0, v));

/** The developed frame: whole, or at one photosite a pixel where it was tapped; drag to move about. */
export function FramePicture(props: FramePictureProps) {
  const { opened, look, onLook, thumbnail, neighbours, choice, onChoose, width, height } = props;
  const host = useRef<View>(null);
  const centre = useRef(look.centre);
  const { full } = look;
  const setFull = (on: boolean): void => onLook({ full: on, centre: centre.current });
  const swiped = useRef({ x: 0, y: 0 });
  const { summary, attach, show } = opened;

  useWorkerCanvas(host, summary, attach);

  const draw = useMemo(
    () => (whole: boolean) => {
      const ratio = window.devicePixelRatio || 1;
      const size = { width: width * ratio, height: height * ratio };
      show(whole ? { kind: 'fit', ...size } : { kind: 'full', ...centre.current, ...size });
    },
    [show, width, height],
  );
  useEffect(() => {
    if (summary) draw(!full);
  }, [summary, full, draw]);

  const start = useRef({ x: 0, y: 0 });
  useSlide(host, {
    onTap(x, y) {
      if (!summary) return;
      if (!full) centre.current = placeInPicture(summary, width, height, x, y);
      setFull(!full);
    },
    onStart() {
      start.current = centre.current;
      swiped.current = { x: 0, y: 0 };
    },
    onEnd() {
      const { x, y } = swiped.current;
      if (full) onLook({ full, centre: centre.current });
      else if (Math.max(Math.abs(x), Math.abs(y)) < SWIPE_PX) return;
      else if (Math.abs(x) > Math.abs(y)) neighbours?.to(x < 0 ? 1 : -1);
      else onChoose(y < 0 ? 'kept' : 'dropped');
    },
    onMove(x, y) {
      swiped.current = { x, y };
      if (!full || !summary) return;
      const ratio = window.devicePixelRatio || 1;
      centre.current = {
        x: clamp01(start.current.x - (x * ratio) / summary.width),
        y: clamp01(start.current.y - (y * ratio) / summary.height),
      };
      draw(false);
    },
  });
  return (
    <View style={{ width, height }}>
      <View
        ref={host}
        role="img"
        aria-label={full ? 'Frame at 100 percent' : 'Whole frame'}
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
          <Button
            label={full ? 'Whole frame' : '100 %'}
            onPress={() => setFull(!full)}
            style={styles.zoomButton}
          />
        </View>
      )}
    </View>
  );
}

/** Where a point of the screen lies in a picture fitted into width x height, 0..1. */
function placeInPicture(
  picture: { readonly width: number; readonly height: number },
  width: number,
  height: number,
  x: number,
  y: number,
): { x: number; y: number } {
  const scale = Math.min(width / picture.width, height / picture.height);
  return {
    x: clamp01((x - (width - picture.width * scale) / 2) / (picture.width * scale)),
    y: clamp01((y - (height - picture.height * scale) / 2) / (picture.height * scale)),
  };
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
  zoom: { position: 'absolute', right: 8, bottom: 8 },
  zoomButton: { backgroundColor: 'rgba(22,22,22,0.85)' },
});
