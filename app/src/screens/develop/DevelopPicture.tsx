import { AS_EXPOSED, framedSize, type Development, type Reframe } from '@velmo/core/recipe';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { useHeldDown } from '../../instruments/gestures/useHeldDown';
import { useMagnifySteps } from '../../instruments/gestures/useMagnifySteps';
import { useSlide } from '../../instruments/gestures/useSlide';
import { useWorkerCanvas } from '../../instruments/window/useWorkerCanvas';
import { UNSELECTABLE, ZOOMABLE } from '../../instruments/webStyles';
import { useStore, type Store } from '../../state/store';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import {
  draggedCentre,
  nextZoom,
  placeAt,
  placeInPicture,
  viewportOf,
  WHOLE,
  type Zoom,
} from '../frame/frameLook';
import type { OpenedFrame } from '../frame/useFrameView';

interface DevelopPictureProps {
  readonly opened: OpenedFrame;
  readonly taken: { readonly width: number; readonly height: number };
  readonly reframe: Reframe;
  readonly store: Store<Development>;
  /** A tap says that a place, 0..1 of what is seen, is neutral; null: it looks closer. */
  readonly onNeutral: ((at: { readonly x: number; readonly y: number }) => void) | null;
  readonly width: number;
  readonly height: number;
}

/** The key that shows the picture as it was exposed for as long as it is held. */
const BEFORE_KEY = 'b';

/**
 * The picture as the recipe has it, whole or photosite by photosite; as exposed while a finger
 * rests on it.
 */
export function DevelopPicture(props: DevelopPictureProps) {
  const { opened, taken, reframe, store, onNeutral, width, height } = props;
  const { attach, show, summary } = opened;
  const host = useRef<View>(null);
  const development = useStore(store, (now) => now);
  const [zoom, setZoom] = useState<Zoom>('fit');
  const centre = useRef(WHOLE.centre);
  const before = useHeldDown(host, BEFORE_KEY);
  const size = useMemo(() => framedSize(reframe, taken), [reframe, taken]);
  useWorkerCanvas(host, summary, attach);
  const draw = useCallback(() => {
    const shown = before.held ? AS_EXPOSED : development;
    const look = { zoom, centre: centre.current };
    const viewport = viewportOf(look, size, { width, height }, { reframe, development: shown });
    void show(viewport, null).then((isShown) => {
      const element = host.current as unknown as HTMLElement | null;
      if (isShown && element) element.dataset.shown = JSON.stringify({ zoom, development: shown });
    });
  }, [show, size, reframe, zoom, before.held, development, width, height]);
  useEffect(draw, [draw]);
  const box = { width, height };
  const aim = (x: number, y: number): void => {
    if (zoom === 'fit') centre.current = placeInPicture(size, box, x, y);
  };
  const start = useRef(WHOLE.centre);
  useSlide(host, {
    alone: true,
    onTap(x, y) {
      if (before.took()) return;
      if (onNeutral) {
        const at = placeAt({ zoom, centre: centre.current }, size, box, x, y);
        if (at) onNeutral(at);
        return;
      }
      aim(x, y);
      setZoom(zoom === 'fit' ? 1 : 'fit');
    },
    onStart() {
      start.current = centre.current;
    },
    onMove(x, y) {
      if (zoom === 'fit' || before.took()) return;
      centre.current = draggedCentre(start.current, zoom, size, box, x, y);
      draw();
    },
  });
  useMagnifySteps(host, (by, x, y) => {
    aim(x, y);
    setZoom(nextZoom(zoom, by));
  });
  return (
    <View style={{ width, height }}>
      <View
        ref={host}
        role="img"
        aria-label={
          before.held
            ? 'As exposed'
            : zoom === 'fit'
              ? 'As developed'
              : `As developed, ${100 * zoom} percent`
        }
        testID="develop-picture"
        style={[styles.host, ZOOMABLE, UNSELECTABLE, { width, height }]}
      />
      {before.held && <Text style={styles.before}>as exposed</Text>}
    </View>
  );
}

const styles = StyleSheet.create({
  host: { backgroundColor: '#141414' },
  before: {
    position: 'absolute',
    left: 8,
    top: 8,
    paddingHorizontal: 8,
    paddingVertical: 4,
    borderRadius: 4,
    backgroundColor: COLOUR.paper,
    fontFamily: FONT.medium,
    fontSize: typePx(15),
    color: COLOUR.ink,
    pointerEvents: 'none',
  },
});
