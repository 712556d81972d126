import { memo, useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import type { Band } from '@velmo/core/consequence';
import { COLOUR, FONT, TARGET, typePx } from '../../theme/theme';
import { CONTAINED, GLIDING, GRABBABLE } from '../webStyles';
import { CLICK_PX, TapeMotion, type TapeMoves } from './TapeMotion';
import { useHand } from './hand';
import { TapeBands } from './TapeBands';
import { CAP_PX, TapeCap, type TapeCapProps } from './TapeCap';
import { TapeMarks } from './TapeMarks';
import { TapeRuler } from './TapeRuler';
import type { TapeScale } from './tapeScale';
import { useDescription } from '../useDescription';
import { Slidable } from '../gestures/Slidable';

const NO_BANDS: readonly Band[] = [];

/** A tape: what it is engraved with, where it stands, and what moves it. */
export interface TapeProps extends TapeMoves {
  readonly scale: TapeScale;
  /** The tape ran into its end and cannot follow the light. */
  readonly atEnd: boolean;
  /** One word beside the name: "set", "auto", "extended". */
  readonly tag: string;
  /** What its values do to the picture. */
  readonly bands?: readonly Band[];
  /** Clicks at which the frames of a series will stand. */
  readonly marks?: readonly number[];
  /** More to be said of where it stands, for those who listen. */
  readonly description?: string;
  /** Printed along its foot instead of bands. */
  readonly foot?: ReactNode;
  /** A button at its end, for what belongs to this tape. */
  readonly cap?: TapeCapProps;
  readonly height?: number;
  /** What it is called where one asks why; see `why` of Field. */
  readonly why?: object;
  /** It is in hand: a tap on the picture is for it. */
  readonly isActive?: boolean;
}

/** Height of a tape where there is room for all of them. */
export const TAPE_HEIGHT = 52;

/** A ruler dragged under a fixed index: light paper while held, dark while the camera moves it. */
export const Tape = memo(function Tape(props: TapeProps) {
  const { scale, range, click, held, releasable, atEnd, tag, step } = props;
  const { bands = NO_BANDS, marks, description, foot, cap, height = TAPE_HEIGHT, isActive } = props;
  const ruler = useRef<View>(null);
  const isLeft = useHand() === 'left';
  const body = useRef<View>(null);
  const [motion] = useState(() => new TapeMotion());
  useShownTape(motion, ruler, cap !== undefined, isLeft);
  useOtherFace(motion);
  useDescription(body, description);
  useLayoutEffect(() => motion.follow(props, ruler.current as unknown as HTMLElement | null));
  const paper = held || !releasable;
  const ink = paper ? COLOUR.ink : COLOUR.light;
  const spoken = [scale.speak(click), tag, atEnd ? 'at its end' : ''].filter(Boolean).join(', ');
  return (
    <View
      style={[styles.tape, CONTAINED, paper ? styles.paper : styles.dark, { height }]}
      testID={`tape-${scale.name}`}
      {...props.why}
    >
      <View
        ref={body}
        style={[styles.body, GRABBABLE, isLeft && styles.bodyLeft]}
        role="slider"
        tabIndex={0}
        aria-label={scale.name}
        aria-valuemin={range.min}
        aria-valuemax={range.max}
        aria-valuenow={click}
        aria-valuetext={spoken}
        {...({ onKeyDown: motion.onKeyDown } as object)}
      >
        {isActive && (
          <View
            style={[styles.active, paper && styles.activeOnPaper, isLeft && styles.activeLeft]}
          />
        )}
        <Slidable element={body} handlers={motion} />
        <View style={[styles.readout, isLeft && styles.readoutLeft]}>
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
          <View ref={ruler} style={[styles.ruler, GLIDING]}>
            <TapeRuler
              scale={scale}
              range={range}
              paper={paper}
              clickPx={CLICK_PX}
              step={step}
              height={height}
            />
            {marks && (
              <View style={styles.marks}>
                <TapeMarks marks={marks} range={range} paper={paper} clickPx={CLICK_PX} />
              </View>
            )}
            <View style={styles.bands}>
              {foot ?? <TapeBands bands={bands} range={range} paper={paper} clickPx={CLICK_PX} />}
            </View>
          </View>
          <View style={[styles.index, atEnd && styles.indexAtEnd]} />
          <View style={[styles.index, styles.indexFoot, atEnd && styles.indexAtEnd]} />
          <View style={[styles.pointer, atEnd && styles.pointerAtEnd]} />
        </View>
      </View>
      {cap && <TapeCap {...cap} paper={paper} />}
    </View>
  );
});

/** Tells the motion how much of the ruler is seen, now and when that changes. */
function useShownTape(
  motion: TapeMotion,
  ruler: React.RefObject<View | null>,
  hasCap: boolean,
  isLeft: boolean,
): void {
  useLayoutEffect(() => {
    const room = (ruler.current as unknown as HTMLElement | null)?.parentElement;
    if (!room) return;
    const tell = (): void =>
      motion.show({
        width: room.clientWidth,
        coveredLeft: hasCap && isLeft ? CAP_PX : 0,
        coveredRight: hasCap && !isLeft ? CAP_PX : 0,
      });
    tell();
    if (typeof ResizeObserver !== 'function') return;
    const observer = new ResizeObserver(tell);
    observer.observe(room);
    return () => observer.disconnect();
  }, [motion, ruler, hasCap, isLeft]);
}

/** Tells the motion when a face has come that names may not have been measured in. */
function useOtherFace(motion: TapeMotion): void {
  useLayoutEffect(() => {
    const { fonts } = document as Partial<Document>;
    const tell = (arrival: Event): void => motion.otherFace(arrival);
    fonts?.addEventListener('loadingdone', tell);
    return () => fonts?.removeEventListener('loadingdone', tell);
  }, [motion]);
}

const styles = StyleSheet.create({
  tape: { minHeight: TARGET, borderRadius: 6, overflow: 'hidden' },
  paper: { backgroundColor: COLOUR.paper },
  dark: { backgroundColor: COLOUR.panel },
  body: { flex: 1, flexDirection: 'row' },
  active: {
    position: 'absolute',
    left: 0,
    top: 0,
    bottom: 0,
    width: 5,
    backgroundColor: COLOUR.paper,
    pointerEvents: 'none',
  },
  activeLeft: { left: 'auto', right: 0 },
  activeOnPaper: { backgroundColor: COLOUR.ink },
  readout: { width: 104, paddingLeft: 12, justifyContent: 'center' },
  bodyLeft: { flexDirection: 'row-reverse' },
  readoutLeft: { paddingLeft: 0, paddingRight: 12, alignItems: 'flex-end' },
  caption: { flexDirection: 'row', gap: 8 },
  name: { fontFamily: FONT.medium, fontSize: typePx(13) },
  state: { fontFamily: FONT.regular, fontSize: typePx(13) },
  value: {
    fontFamily: FONT.semibold,
    fontSize: typePx(21),
    lineHeight: typePx(24),
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
    height: 14,
    backgroundColor: COLOUR.vermilion,
    pointerEvents: 'none',
  },
  bands: { position: 'absolute', left: 0, bottom: 0 },
  marks: { position: 'absolute', left: 0, top: 0, pointerEvents: 'none' },
  indexFoot: { top: 'auto', bottom: 0, height: 15 },
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
