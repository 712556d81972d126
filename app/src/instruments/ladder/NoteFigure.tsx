import { useMemo, useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import type { Figure, FigureScale } from '@velmo/core/notes';
import { SCREEN_TEXT } from '../../theme/screenText';
import { Choice } from '../Choice';
import { FigureLadder } from './FigureLadder';
import { Tape } from '../tape/Tape';
import type { TapeScale } from '../tape/tapeScale';

/** A note's live figure: its tapes, and what they do on its ladder. */
export function NoteFigure({ figure }: { readonly figure: Figure }) {
  const [at, setAt] = useState(() => figure.scales.map(({ start }) => start));
  const { marks, says } = figure.read(...at);
  return (
    <View style={styles.figure} role="group" aria-label="Figure">
      {figure.scales.map((scale, i) => (
        <FigureTape
          key={scale.name}
          scale={scale}
          at={at[i]}
          onChange={(value) => setAt((now) => now.map((v, k) => (k === i ? value : v)))}
        />
      ))}
      <FigureLadder ladder={figure.ladder} marks={marks} />
      <Text style={SCREEN_TEXT.text} role="status">
        {says}
      </Text>
    </View>
  );
}

interface FigureTapeProps {
  readonly scale: FigureScale;
  readonly at: number;
  readonly onChange: (at: number) => void;
}

function FigureTape({ scale, at, onChange }: FigureTapeProps) {
  const { name, min, max, majorEvery, engrave, words, choices } = scale;
  const tape = useMemo<TapeScale>(
    () => ({ name, engrave, readout: words, speak: words, majorEvery }),
    [name, engrave, words, majorEvery],
  );
  const range = useMemo(() => ({ min, max }), [min, max]);
  if (choices)
    return (
      <Choice
        label={name}
        options={choices.map((label, value) => ({ value, label, name: `${name}: ${label}` }))}
        value={at}
        onChoose={onChange}
      />
    );
  return (
    <Tape
      scale={tape}
      range={range}
      click={at}
      held
      step={1}
      releasable={false}
      atEnd={false}
      tag=""
      onChange={onChange}
      onRelease={() => {}}
    />
  );
}

const styles = StyleSheet.create({ figure: { gap: 8 } });
