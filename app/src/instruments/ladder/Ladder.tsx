import { useLayoutEffect, useRef, useState, type ReactNode, type RefObject } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { keyNudge, LadderDrag } from './ladderDrag';
import { LadderHistogram, type HistogramLook, type LadderReading } from './LadderHistogram';
import { LADDER_TOP_STOPS, ladderPxPerStop } from './ladderPlace';
import { LadderScale } from './LadderScale';
import { Slidable } from '../gestures/Slidable';
import { useDescription } from '../useDescription';
import { CONTAINED, SLIDABLE } from '../webStyles';

interface LadderProps {
  readonly width: number;
  readonly height: number;
  /** Stops from mid-grey at which the raw clips and at which noise takes over. */
  readonly clipStops: number;
  readonly floorStops: number;
  /** Calls back with every new reading; returns how to stop. */
  readonly subscribe: (listener: (reading: LadderReading) => void) => () => void;
  /**
   * Spoken: "highlights 1/3 stop under clipping". Left out where `host` is written to as the words
   * change.
   */
  readonly valueText?: string;
  /** The slider's element, for words that change with every frame. */
  readonly host?: RefObject<View | null>;
  /** Drag or keys: brighter (+) or darker by clicks. Left out: the ladder only shows. */
  readonly onNudge?: (clicks: number) => void;
  /** Its stops are estimated. */
  readonly estimated?: boolean;
  /** The tape a drag moves: "Comp". */
  readonly moves?: string | null;
  /** How the histogram stands; null = left out. */
  readonly look?: HistogramLook | null;
  /** Marks that stand on the scale. */
  readonly children?: ReactNode;
}

const PLAIN_LOOK: HistogramLook = { size: 'large', scale: 'linear' };

/** A vertical scale of stops with the raw histogram on it, sideways. */
export function Ladder(props: LadderProps) {
  const { width, height, clipStops, floorStops, subscribe, valueText, onNudge, moves } = props;
  const { look = PLAIN_LOOK } = props;
  const named = (onNudge && moves) || null;
  const own = useRef<View>(null);
  const host = props.host ?? own;
  useDescription(host, moves ? `Moves ${moves}` : undefined);
  const [drag] = useState(() => new LadderDrag());
  useLayoutEffect(() => drag.follow(ladderPxPerStop(height) / 3, onNudge));
  return (
    <View style={{ width, height }}>
      <View
        ref={host}
        style={[styles.ladder, CONTAINED, onNudge && SLIDABLE, { width, height }]}
        testID="ladder"
        {...(onNudge
          ? {
              role: 'slider' as const,
              tabIndex: 0 as const,
              'aria-label': 'Ladder',
              'aria-orientation': 'vertical',
              'aria-valuemin': 0,
              'aria-valuemax': 100,
              'aria-valuenow': Math.round((100 * clipStops) / LADDER_TOP_STOPS),
              'aria-valuetext': valueText,
              onKeyDown: keyNudge(onNudge),
            }
          : { role: 'img' as const, 'aria-label': `Raw histogram in stops: ${valueText ?? ''}` })}
      >
        <Slidable element={host} handlers={drag} />
        {look && (
          <LadderHistogram width={width} height={height} subscribe={subscribe} look={look} />
        )}
        <LadderScale
          width={width}
          height={height}
          clipStops={clipStops}
          floorStops={floorStops}
          footed={named !== null}
        />
        {props.estimated && (
          <Text style={styles.estimated} numberOfLines={1}>
            estimated
          </Text>
        )}
        {named && (
          <Text style={styles.moves} numberOfLines={1}>
            ↕ {named}
          </Text>
        )}
      </View>
      {props.children}
    </View>
  );
}

const styles = StyleSheet.create({
  ladder: { backgroundColor: 'rgba(22,22,22,0.72)', overflow: 'hidden' },
  estimated: {
    position: 'absolute',
    left: 0,
    right: 0,
    top: 0,
    paddingHorizontal: 3,
    backgroundColor: 'rgba(22,22,22,0.9)',
    fontFamily: FONT.medium,
    fontSize: typePx(12),
    color: COLOUR.light,
    pointerEvents: 'none',
  },
  moves: {
    position: 'absolute',
    left: 5,
    bottom: 3,
    fontFamily: FONT.medium,
    fontSize: typePx(14),
    color: COLOUR.light,
    pointerEvents: 'none',
  },
});
