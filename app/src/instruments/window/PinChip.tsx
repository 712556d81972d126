import type { RefObject } from 'react';
import { Pressable, StyleSheet, Text, View } from 'react-native';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { CONTAINED } from '../webStyles';

interface PinChipProps {
  readonly number: number;
  /** Place in the picture, in pixels. */
  readonly left: number;
  readonly top: number;
  /** The words stand left of the mark, because there is no room on the right. */
  readonly turned: boolean;
  /** Where its words are written as they change: the whole chip, its tone and its room. */
  readonly chip: RefObject<View | null>;
  readonly tone: RefObject<Text | null>;
  readonly room: RefObject<Text | null>;
  readonly onPress: () => void;
}

const MARK_PX = 9;
const HEIGHT = 44;

/**
 * A spot reading stuck to the picture: a small cross, and beside it what it reads. Pressing takes
 * it out.
 */
export function PinChip(props: PinChipProps) {
  const { number, left, top, turned, chip, tone, room, onPress } = props;
  return (
    <View
      style={[
        styles.pin,
        turned ? styles.turned : null,
        { top: top - HEIGHT / 2 },
        turned ? { right: -left - MARK_PX } : { left: left - MARK_PX },
      ]}
    >
      {/* A finger that starts on the mark turns the camera; only the words are a button. */}
      <View style={styles.cross}>
        <View style={styles.across} />
        <View style={styles.down} />
      </View>
      <Pressable
        ref={chip}
        role="button"
        aria-label={`Pin ${number}`}
        onPress={onPress}
        style={styles.button}
      >
        <View style={[styles.words, CONTAINED]}>
          <Text style={styles.number}>{number}</Text>
          <Text ref={tone} style={styles.tone} />
          <Text ref={room} style={styles.room} />
        </View>
      </Pressable>
    </View>
  );
}

/** Light with a dark rim: to be seen on salt and in the shed. */
const line = {
  position: 'absolute',
  backgroundColor: COLOUR.paper,
  boxShadow: '0 0 0 1px rgba(0,0,0,0.65)',
} as const;

const styles = StyleSheet.create({
  pin: {
    position: 'absolute',
    height: HEIGHT,
    flexDirection: 'row',
    alignItems: 'center',
    gap: 5,
    pointerEvents: 'box-none',
  },
  button: { minHeight: HEIGHT, justifyContent: 'center' },
  turned: { flexDirection: 'row-reverse' },
  cross: { width: 2 * MARK_PX, height: 2 * MARK_PX, pointerEvents: 'none' },
  across: { ...line, left: 0, right: 0, top: MARK_PX - 1, height: 2 },
  down: { ...line, top: 0, bottom: 0, left: MARK_PX - 1, width: 2 },
  words: {
    flexDirection: 'row',
    alignItems: 'baseline',
    gap: 6,
    paddingHorizontal: 8,
    paddingVertical: 2,
    borderRadius: 5,
    backgroundColor: 'rgba(26,26,26,0.82)',
  },
  number: { fontFamily: FONT.semibold, fontSize: typePx(13), color: COLOUR.lightSoft },
  tone: {
    fontFamily: FONT.semibold,
    fontSize: typePx(16),
    fontVariant: ['tabular-nums'],
    color: COLOUR.light,
  },
  room: { fontFamily: FONT.regular, fontSize: typePx(14), color: COLOUR.light },
});
