import { memo, useEffect, useMemo, useRef } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import type { ClickRange } from '@velmo/core/exposure';
import { COLOUR, FONT, TARGET } from '../theme/theme';
import { glide, type Glide } from './glide';
import { GRABBABLE } from './webStyles';
import { TapeRuler } from './TapeRuler';
import type { TapeScale } from './tapeScale';
import { useSlide } from './useSlide';

/** Screen pixels from detent to detent. */
export const CLICK_PX = 15;

interface TapeProps {
  readonly scale: TapeScale;
  readonly range: ClickRange;
  /** Where the tape stands. */
  readonly click: number;
  readonly held: boolean;
  /** A tape that can be given back to the camera. */
  readonly releasable: boolean;
  /** The tape ran into its end and cannot follow the light. */
  readonly atEnd: boolean;
  /** One word beside the name: "set", "auto", "extended". */
  readonly tag: string;
  readonly onChange: (click: number) => void;
  readonly onRelease: () => void;
}

/** A ruler dragged under a fixed index: light paper while held, dark while the camera moves it. */
export const Tape = memo(function Tape(props: TapeProps) {
  const { scale, range, click, held, releasable, atEnd, tag } = props;
  const ruler = useRef<View>(null);
  const body = useRef<View>(null);
  const onKeyDown = useTapeMotion(props, body, ruler);
  const paper = held || !releasable;
  const ink = paper ? COLOUR.ink : COLOUR.light;
  const spoken = [scale.speak(click), tag, atEnd ? 'at its end' : ''].filter(Boolean).join(', ');
  return (
    <View style={[styles.tape, paper ? styles.paper : styles.dark]} testID={`tape-${scale.name}`}>
      <View
        ref={body}
        style={[styles.body, GRABBABLE]}
        role="slider"
        tabIndex={0}
        aria-label={scale.name}
        aria-valuemin={range.min}
        aria-valuemax={range.max}
        aria-valuenow={click}
        aria-valuetext={spoken}
        {...({ onKeyDown } as object)}
      >
        <View style={styles.readout}>
          <View style={styles.caption}>
            <Text style={[styles.name, { color: paper ? COLOUR.inkSoft : COLOUR.lightSoft }]}>
              {scale.name}
            </Text>
            <Text style={[styles.state, { color: paper ? COLOUR.inkSoft : COLOUR.lightSoft }]}>
              {tag}
            </Text>
          </View>
          <Text style={[styles.value, { color: ink }]} numberOfLines={1}>
            {scale.readout(click)}
          </Text>
        </View>
        <View style={styles.window}>
          <View ref={ruler} style={styles.ruler}>
            <TapeRuler scale={scale} range={range} paper={paper} clickPx={CLICK_PX} />
          </View>
          <View style={[styles.index, atEnd && styles.indexAtEnd]} />
          <View style={[styles.pointer, atEnd && styles.pointerAtEnd]} />
        </View>
      </View>
    </View>
  );
});

/** Drag, fling, keys and double tap of a tape. The ruler is moved by hand, without a render. */
function useTapeMotion(
  props: TapeProps,
  body: React.RefObject<View | null>,
  ruler: React.RefObject<View | null>,
): (event: React.KeyboardEvent) => void {
  const latest = useRef(props);
  latest.current = props;
  const motion = useRef({ start: 0, position: props.click, dragging: false });
  const running = useRef<Glide | null>(null);

  const place = useMemo(
    () => (position: number) => {
      motion.current.position = position;
      const element = ruler.current as unknown as HTMLElement | null;
      if (element)
        element.style.transform = `translateX(${-(position - latest.current.range.min) * CLICK_PX}px)`;
    },
    [ruler],
  );

  const move = useMemo(
    () => (position: number) => {
      place(position);
      const whole = Math.round(position);
      if (whole !== latest.current.click || !latest.current.held) latest.current.onChange(whole);
      if (whole === position) motion.current.dragging = false;
    },
    [place],
  );

  useEffect(() => {
    if (!motion.current.dragging) place(props.click);
  }, [place, props.click, props.range.min, props.range.max]);

  useSlide(body, {
    onStart() {
      running.current?.stop();
      motion.current.dragging = true;
      motion.current.start = motion.current.position;
    },
    onMove(x) {
      const { range } = latest.current;
      const at = motion.current.start - x / CLICK_PX;
      move(Math.min(range.max, Math.max(range.min, at)));
      motion.current.dragging = true;
    },
    onEnd(velocityX) {
      const speed = -velocityX / CLICK_PX;
      running.current = glide(motion.current.position, speed, latest.current.range, move);
    },
    onDoubleTap() {
      if (latest.current.releasable) latest.current.onRelease();
    },
  });

  return (event) => {
    const { click, range, releasable, onRelease } = latest.current;
    const step = KEY_STEPS[event.key];
    if (step !== undefined) {
      event.preventDefault();
      running.current?.stop();
      const target = step === Infinity ? range.max : step === -Infinity ? range.min : click + step;
      move(Math.min(range.max, Math.max(range.min, target)));
    } else if ((event.key === 'a' || event.key === 'A') && releasable) onRelease();
  };
}

const KEY_STEPS: Readonly<Record<string, number>> = {
  ArrowRight: 1,
  ArrowUp: 1,
  ArrowLeft: -1,
  ArrowDown: -1,
  PageUp: 3,
  PageDown: -3,
  Home: -Infinity,
  End: Infinity,
};

const styles = StyleSheet.create({
  tape: { height: 52, minHeight: TARGET, borderRadius: 6, overflow: 'hidden' },
  paper: { backgroundColor: COLOUR.paper },
  dark: { backgroundColor: COLOUR.panel },
  body: { flex: 1, flexDirection: 'row' },
  readout: { width: 104, paddingLeft: 12, justifyContent: 'center' },
  caption: { flexDirection: 'row', gap: 8 },
  name: { fontFamily: FONT.medium, fontSize: 13 },
  state: { fontFamily: FONT.regular, fontSize: 13 },
  value: {
    fontFamily: FONT.semibold,
    fontSize: 21,
    lineHeight: 24,
    fontVariant: ['tabular-nums'],
  },
  window: { flex: 1, overflow: 'hidden' },
  ruler: { position: 'absolute', left: '50%', top: 0, bottom: 0 },
  index: {
    position: 'absolute',
    left: '50%',
    marginLeft: -1,
    width: 2,
    top: 0,
    height: 16,
    backgroundColor: COLOUR.vermilion,
    pointerEvents: 'none',
  },
  indexFoot: { top: 37, height: 15 },
  indexAtEnd: { width: 6, marginLeft: -3 },
  pointer: {
    position: 'absolute',
    left: '50%',
    marginLeft: -6,
    top: 0,
    borderLeftWidth: 6,
    borderRightWidth: 6,
    borderTopWidth: 8,
    borderLeftColor: 'transparent',
    borderRightColor: 'transparent',
    borderTopColor: COLOUR.vermilion,
    pointerEvents: 'none',
  },
  pointerAtEnd: { borderLeftWidth: 11, borderRightWidth: 11, marginLeft: -11, borderTopWidth: 13 },
});
