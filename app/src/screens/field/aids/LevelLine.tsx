import { useEffect, useRef } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import type { AidStrength, Level } from '@velmo/core/aids';
import { askForTilt, tiltStore } from '../../../engine/tilt';
import { Button } from '../../../instruments/Button';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { useLiveWords } from '../words/liveWords';
import { levelStore } from './levelStore';
import { levelWords } from './levelWords';
import { OPACITY } from './strength';

interface LevelLineProps {
  readonly strength: AidStrength;
  readonly width: number;
  readonly height: number;
}

/** Farthest the mark over a page moves from its middle, and how far for a degree. */
const MAX_OFF_PX = 44;
const PX_A_DEGREE = 4;
/** Between the line that turns and those that stand. */
const GAP_PX = 7;

const clamp = (v: number): number => Math.min(MAX_OFF_PX, Math.max(-MAX_OFF_PX, v));

/** How a level moves the line: by the horizon, or over a page towards what hangs too low. */
export function lineTransform({ rollDeg, off }: Level): string {
  if (off)
    return `translate(${clamp(-off.rightDeg * PX_A_DEGREE)}px, ${clamp(off.topDeg * PX_A_DEGREE)}px)`;
  return `rotate(${(-rollDeg!).toFixed(2)}deg)`;
}

/** The level where it is known, else why it is not. */
export function LevelLine(props: LevelLineProps) {
  const isKnown = useStore(levelStore, (level) => level !== null);
  return isKnown ? <KnownLevel {...props} /> : <LevelMissing />;
}

/**
 * A hair line that lies as the horizon does between two that lie as the picture does: they close to
 * one line when it is true, and a plumb shows. Moved by the sensor without a render.
 */
function KnownLevel({ strength, width, height }: LevelLineProps) {
  const isTrue = useStore(levelStore, (level) => level?.isTrue ?? false);
  const isOverPage = useStore(levelStore, (level) => level?.off != null);
  const host = useRef<View>(null);
  const line = useRef<View>(null);
  const words = useRef<Text>(null);
  useLiveWords(words, levelStore, levelWords);
  useLiveWords(host, levelStore, spokenWords, 'aria-label');
  useEffect(() => {
    const turn = (): void => {
      const level = levelStore.get();
      const element = line.current as unknown as HTMLElement | null;
      if (level && element) element.style.transform = lineTransform(level);
    };
    turn();
    return levelStore.subscribe(turn);
  }, [isOverPage]);
  const arm = Math.round(width * 0.11);
  // Where the camera is level, the three lines are drawn as one.
  const gap = isTrue ? 0 : GAP_PX;
  const middle = { left: width / 2, top: height / 2 };
  return (
    <View
      ref={host}
      role="img"
      aria-label="Level"
      style={[styles.layer, middle, { opacity: OPACITY[strength] }]}
      testID="level"
    >
      <View style={[styles.line, { width: arm, left: -3 * arm }]} />
      <View style={[styles.line, { width: arm, left: 2 * arm }]} />
      {isOverPage && <View style={styles.ring} />}
      <View ref={line} style={styles.moving}>
        {isOverPage ? (
          <View style={styles.dot} />
        ) : (
          <View style={[styles.line, { width: 4 * arm - 2 * gap, left: gap - 2 * arm }]} />
        )}
      </View>
      {isTrue && <View style={styles.plumb} testID="plumb" />}
      <View style={styles.said}>
        <Text ref={words} style={styles.words} />
      </View>
    </View>
  );
}

const spokenWords = (level: Level | null): string => `Level: ${levelWords(level)}`;

const MISSING = {
  off: '',
  on: '',
  waiting: '',
  ask: 'The level needs the phone’s motion sensor.',
  none: 'No level: this device does not tell how it is held.',
  denied:
    'No level: the browser was told not to give the motion sensor. Its settings for this page change that.',
} as const;

/** Why there is no level, and the way to it. */
function LevelMissing() {
  const state = useStore(tiltStore, (tilt) => tilt.state);
  if (MISSING[state] === '') return null;
  return (
    <View style={styles.missing} testID="level-missing">
      <Text style={styles.why} role="status">
        {MISSING[state]}
      </Text>
      {state === 'ask' && <Button label="Allow it" onPress={() => void askForTilt()} />}
    </View>
  );
}

const styles = StyleSheet.create({
  layer: { position: 'absolute', width: 0, height: 0, pointerEvents: 'none' },
  line: {
    position: 'absolute',
    top: -1,
    height: 2,
    backgroundColor: COLOUR.light,
    boxShadow: '0 0 0 1px rgba(28,27,25,0.5)',
  },
  moving: { position: 'absolute', width: 0, height: 0 },
  ring: {
    position: 'absolute',
    left: -10,
    top: -10,
    width: 20,
    height: 20,
    borderRadius: 10,
    borderWidth: 1.5,
    borderColor: COLOUR.light,
  },
  dot: {
    position: 'absolute',
    left: -5,
    top: -5,
    width: 10,
    height: 10,
    borderRadius: 5,
    backgroundColor: COLOUR.light,
    boxShadow: '0 0 0 1px rgba(28,27,25,0.5)',
  },
  // A weight that hangs from the line's middle.
  plumb: {
    position: 'absolute',
    left: -6,
    top: 4,
    width: 0,
    height: 0,
    borderLeftWidth: 6,
    borderRightWidth: 6,
    borderTopWidth: 12,
    borderLeftColor: 'transparent',
    borderRightColor: 'transparent',
    borderTopColor: COLOUR.paper,
  },
  said: { position: 'absolute', left: -110, width: 220, top: 20, alignItems: 'center' },
  words: {
    paddingHorizontal: 6,
    borderRadius: 3,
    backgroundColor: 'rgba(22,22,22,0.7)',
    fontFamily: FONT.medium,
    fontSize: typePx(13),
    lineHeight: typePx(17),
    color: COLOUR.light,
    fontVariant: ['tabular-nums'],
  },
  missing: {
    position: 'absolute',
    left: 6,
    top: 6,
    right: 6,
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: 8,
    pointerEvents: 'box-none',
  },
  why: {
    flexShrink: 1,
    padding: 6,
    borderRadius: 4,
    backgroundColor: 'rgba(22,22,22,0.85)',
    fontFamily: FONT.medium,
    fontSize: typePx(14),
    lineHeight: typePx(18),
    color: COLOUR.light,
  },
});
