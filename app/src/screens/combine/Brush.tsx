import { View } from 'react-native';
import { Choice } from '../../instruments/Choice';
import type { StackBar } from './stackBars';

/** Nothing is painted. */
export const NO_BRUSH = -2;
/** What was found is painted back. */
export const AS_FOUND = -1;

interface BrushProps {
  readonly bars: readonly StackBar[];
  /** Of each frame that takes part its place among them. */
  readonly placeOf: (id: string) => number;
  /** A place, or one of the above. */
  readonly brush: number;
  readonly onBrush: (brush: number) => void;
}

/** What a finger paints on the picture: one of the frames, or what was found. */
export function Brush({ bars, placeOf, brush, onBrush }: BrushProps) {
  const frames = bars.filter(({ record }) => placeOf(record.id) >= 0);
  return (
    <View>
      <Choice
        label="Brush"
        options={[
          { value: NO_BRUSH, label: 'none', name: 'Brush: none' },
          ...frames.map(({ record, number, words }) => ({
            value: placeOf(record.id),
            label: words.includes('\n') ? `${number}` : words,
            name: `Brush: ${words.includes('\n') ? number : words}`,
          })),
          { value: AS_FOUND, label: 'as found', name: 'Brush: as found' },
        ]}
        value={brush}
        onChoose={onBrush}
      />
    </View>
  );
}
