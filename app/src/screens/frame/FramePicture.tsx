import { useEffect, useMemo, useRef, useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { useSlide } from '../../instruments/useSlide';
import { useWorkerCanvas } from '../../instruments/useWorkerCanvas';
import { ZOOMABLE } from '../../instruments/webStyles';
import { COLOUR, FONT } from '../../theme/theme';
import type { OpenedFrame } from './useFrameView';

interface FramePictureProps {
  readonly opened: OpenedFrame;
  readonly width: number;
  readonly height: number;
}

const clamp01 = (v: number): number => Math.min(1, Math.max(0, v));

/** The developed frame: whole, or at one photosite a pixel where it was tapped; drag to move about. */
export function FramePicture({ opened, width, height }: FramePictureProps) {
  const host = useRef<View>(null);
  const [full, setFull] = useState(false);
  const centre = useRef({ x: 0.5, y: 0.5 });
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
    },
    onMove(x, y) {
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
      {!summary && <Text style={styles.wait}>Reading the raw ...</Text>}
      {summary && (
        <View style={styles.zoom}>
          <Button
            label={full ? 'Whole frame' : '100 %'}
            onPress={() => setFull((now) => !now)}
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
  zoom: { position: 'absolute', right: 8, bottom: 8 },
  zoomButton: { backgroundColor: 'rgba(22,22,22,0.85)' },
});
