import { StyleSheet, Text, View } from 'react-native';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { ladderY } from './ladderPlace';

interface LadderNoteProps {
  /** Where it stands, in stops from mid-grey. */
  readonly stops: number;
  readonly height: number;
  readonly label: string;
  /** The same for those who listen. */
  readonly name: string;
}

const LINE_PX = 18;

/** A dashed line across the ladder with a word on it: where something will come to lie. */
export function LadderNote({ stops, height, label, name }: LadderNoteProps) {
  const top = Math.min(height - LINE_PX, Math.max(0, ladderY(stops, height) - LINE_PX));
  return (
    <View style={[styles.note, { top }]} role="img" aria-label={name} testID="ladder-note">
      <Text style={styles.label} numberOfLines={1}>
        {label}
      </Text>
    </View>
  );
}

const styles = StyleSheet.create({
  note: {
    position: 'absolute',
    left: 0,
    right: 0,
    height: LINE_PX,
    borderBottomWidth: 1,
    borderStyle: 'dashed',
    borderBottomColor: COLOUR.paper,
    pointerEvents: 'none',
  },
  label: {
    alignSelf: 'flex-end',
    paddingHorizontal: 3,
    backgroundColor: 'rgba(22,22,22,0.8)',
    fontFamily: FONT.medium,
    fontSize: typePx(13),
    lineHeight: typePx(16),
    color: COLOUR.paper,
  },
});
