import { useState } from 'react';
import { Pressable, StyleSheet, Text, View } from 'react-native';
import { FONT, typePx } from '../theme/theme';

interface ExposeBarProps {
  /** What one press will make: "DNG · 12 MP · 1 frame". */
  readonly will: string;
  /** Progress of the oldest capture under way, or null. */
  readonly progress: {
    readonly share: number;
    readonly stage: string;
    readonly open?: boolean;
  } | null;
  readonly pending: number;
  readonly height: number;
  /** What it is called where one asks why; see `why` of Field. */
  readonly why?: object;
  readonly disabled: boolean;
  readonly onExpose: () => void;
  /** It is held down, and let go again. Left out: to hold it is to press it. */
  readonly onHold?: () => void;
  readonly onLetGo: () => void;
}

/** A wide bar that says what it will do, and fills while it does it. */
export function ExposeBar(props: ExposeBarProps) {
  const { will, progress, pending, height, disabled, onExpose, onHold, onLetGo } = props;
  const [isHeld, setHeld] = useState(false);
  const share = Math.round((progress?.share ?? 0) * 100);
  const waiting = pending > 1 ? ` · ${pending - 1} waiting` : '';
  const doing = !progress
    ? will
    : progress.open
      ? progress.stage
      : `${progress.stage} ${share} %${waiting}`;
  return (
    <Pressable
      role="button"
      aria-label={progress?.open ? `Expose: press to stop. ${progress.stage}` : undefined}
      aria-busy={pending > 0}
      disabled={disabled}
      onPress={onExpose}
      onLongPress={
        onHold &&
        (() => {
          setHeld(true);
          onHold();
        })
      }
      onPressOut={() => {
        if (isHeld) onLetGo();
        setHeld(false);
      }}
      style={[styles.bar, { height }, disabled && styles.disabled]}
      testID="expose"
      {...props.why}
    >
      <View style={[styles.fill, { width: `${share}%` }]} />
      <Text style={styles.word}>{progress?.open ? 'Press to stop' : 'Expose'}</Text>
      <Text style={styles.will} numberOfLines={1}>
        {doing}
      </Text>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  bar: {
    flex: 1,
    borderRadius: 10,
    backgroundColor: '#c43d20',
    alignItems: 'center',
    justifyContent: 'center',
    overflow: 'hidden',
  },
  disabled: { backgroundColor: '#4a3a35' },
  fill: { position: 'absolute', left: 0, top: 0, bottom: 0, backgroundColor: '#8f2a14' },
  word: {
    fontFamily: FONT.semibold,
    // Large enough as it is: the bar is no higher where type is larger.
    fontSize: 21,
    lineHeight: 25,
    color: '#ffffff',
  },
  will: { fontFamily: FONT.medium, fontSize: typePx(14), lineHeight: typePx(16), color: '#ffffff' },
});
