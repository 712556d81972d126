import { Pressable, StyleSheet, Text, View } from 'react-native';
import { ALL_IN_RANGE, type Finding, type Repair } from '@velmo/core/verdict';
import { COLOUR, FONT, TARGET } from '../theme/theme';

interface VerdictProps {
  /** The most important finding, or null when all is well. */
  readonly finding: Finding | null;
  readonly onRepair: (repair: Repair) => void;
}

/** One line, most important thing first, with the one-tap way out. */
export function Verdict({ finding, onRepair }: VerdictProps) {
  const repair = finding?.repair;
  return (
    <View style={styles.line} testID="verdict">
      <View style={[styles.mark, { backgroundColor: finding ? COLOUR.clipped : COLOUR.line }]} />
      <Text role="status" aria-live="polite" style={styles.text} numberOfLines={2}>
        {finding?.text ?? ALL_IN_RANGE}
      </Text>
      {repair && (
        <Pressable role="button" style={styles.repair} onPress={() => onRepair(repair)}>
          <Text style={styles.repairText}>{repair.label}</Text>
        </Pressable>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    minHeight: 48,
    flexDirection: 'row',
    alignItems: 'center',
    backgroundColor: COLOUR.panel,
    borderRadius: 6,
    overflow: 'hidden',
  },
  mark: { width: 5, alignSelf: 'stretch' },
  text: {
    flex: 1,
    paddingHorizontal: 10,
    fontFamily: FONT.medium,
    fontSize: 16,
    lineHeight: 19,
    color: COLOUR.light,
  },
  repair: {
    minHeight: TARGET,
    margin: 2,
    paddingHorizontal: 14,
    justifyContent: 'center',
    borderWidth: 1,
    borderColor: COLOUR.lightSoft,
    borderRadius: 6,
  },
  repairText: { fontFamily: FONT.semibold, fontSize: 16, color: COLOUR.light },
});
