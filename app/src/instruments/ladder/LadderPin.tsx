import { useEffect, useLayoutEffect, useState, type RefObject } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { keyNudge, LadderDrag } from './ladderDrag';
import { ladderPxPerStop, ladderY } from './ladderPlace';
import { Slidable } from '../gestures/Slidable';
import { SLIDABLE } from '../webStyles';

interface LadderPinProps {
  readonly number: number;
  /** Height of the ladder it stands on. */
  readonly height: number;
  /** Calls back with its stops from mid-grey at every new reading; returns how to stop. */
  readonly subscribe: (listener: (stops: number) => void) => () => void;
  /** The slider's element; its spoken value is written to it as it changes. */
  readonly host: RefObject<View | null>;
  /** Puts the tone elsewhere: brighter (+) or darker by clicks. */
  readonly onPlace: (clicks: number) => void;
}

const MARK_PX = 24;
/** Room a finger gets around the mark. */
const GRIP_PX = 44;

/** Where the grip begins: its mark stays on the ladder even where the tone lies past its ends. */
function placeOf(stops: number, height: number): number {
  const half = MARK_PX / 2;
  return Math.min(height - half, Math.max(half, ladderY(stops, height))) - GRIP_PX / 2;
}

/** Marks at the same tone peep out from under each other. */
const ASIDE_PX = 13;
const ASIDE_STEPS = 3;

/** A pin's mark on the ladder: drag it to where that tone should lie. */
export function LadderPin({ number, height, subscribe, host, onPlace }: LadderPinProps) {
  const [drag] = useState(() => new LadderDrag());
  useLayoutEffect(() => drag.follow(ladderPxPerStop(height) / 3, onPlace));
  useEffect(
    () =>
      subscribe((stops) => {
        const element = host.current as unknown as HTMLElement | null;
        if (element) element.style.transform = `translateY(${placeOf(stops, height)}px)`;
      }),
    [subscribe, height, host],
  );
  return (
    <View
      ref={host}
      style={[styles.grip, SLIDABLE, { left: ((number - 1) % ASIDE_STEPS) * ASIDE_PX }]}
      role="slider"
      tabIndex={0}
      aria-label={`Place pin ${number}`}
      aria-orientation="vertical"
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={50}
      {...({ onKeyDown: keyNudge(onPlace) } as object)}
    >
      <Slidable element={host} handlers={drag} />
      <View style={styles.mark}>
        <Text style={styles.number}>{number}</Text>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  grip: {
    position: 'absolute',
    left: 0,
    top: 0,
    width: GRIP_PX,
    height: GRIP_PX,
    justifyContent: 'center',
    alignItems: 'flex-start',
  },
  mark: {
    width: MARK_PX + 6,
    height: MARK_PX - 4,
    borderRadius: 4,
    borderTopRightRadius: 10,
    borderBottomRightRadius: 10,
    boxShadow: '0 0 0 1px rgba(0,0,0,0.7)',
    backgroundColor: COLOUR.paper,
    justifyContent: 'center',
    paddingLeft: 8,
  },
  number: {
    fontFamily: FONT.semibold,
    fontSize: typePx(15),
    lineHeight: typePx(18),
    color: COLOUR.ink,
  },
});
