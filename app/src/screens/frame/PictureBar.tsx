import { StyleSheet, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { FRAME_MARKS, type ChosenMarks, type FrameMark } from './useFrameMarks';

interface PictureBarProps {
  readonly marks: ChosenMarks;
  /** The picture takes the whole screen. */
  readonly full: boolean;
  readonly onFull: (full: boolean) => void;
}

const MARK_WORDS: Readonly<Record<FrameMark, { label: string; name: string }>> = {
  clips: { label: 'Clip', name: 'Clip marks' },
  zebra: { label: 'Zebra', name: 'Zebra' },
  edges: { label: 'Peaking', name: 'Peaking' },
};

/** Over the picture: what is marked on it, and how much room it takes. */
export function PictureBar({ marks: { choice, toggle }, full, onFull }: PictureBarProps) {
  return (
    <View style={styles.bar}>
      <View style={styles.marks} role="group" aria-label="Marks on the picture">
        {FRAME_MARKS.map((mark) => (
          <Button
            key={mark}
            {...MARK_WORDS[mark]}
            pressed={choice[mark]}
            onPress={() => toggle(mark)}
            style={!choice[mark] && styles.button}
          />
        ))}
      </View>
      <Button
        label={full ? 'Smaller' : 'Full screen'}
        onPress={() => onFull(!full)}
        style={styles.button}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  bar: {
    position: 'absolute',
    left: 8,
    right: 8,
    top: 8,
    flexDirection: 'row',
    justifyContent: 'space-between',
    pointerEvents: 'box-none',
  },
  marks: { flexDirection: 'row', gap: 6 },
  button: { backgroundColor: 'rgba(22,22,22,0.85)' },
});
