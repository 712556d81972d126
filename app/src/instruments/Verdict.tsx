import { Pressable, StyleSheet, Text, View } from 'react-native';
import { ALL_IN_RANGE, type Finding, type Repair } from '@velmo/core/verdict';
import { COLOUR, FONT, TARGET, typePx } from '../theme/theme';
import { CONTAINED } from './webStyles';

interface VerdictProps {
  /** The most important finding, or null when all is well. */
  readonly finding: Finding | null;
  /** Said instead while there is nothing to judge. */
  readonly idle?: string;
  /** Said where there is no finding. */
  readonly fine?: string;
  /** Findings besides it. */
  readonly more: number;
  readonly onRepair: (repair: Repair) => void;
  readonly onList: () => void;
  /** Why there is this finding. */
  readonly onWhy: () => void;
  /** What could be done next, where there is no finding. */
  readonly hint?: string;
  readonly height: number;
}

/**
 * One line, most important thing first, with the one-tap way out. A tap on the words lists
 * everything.
 */
export function Verdict({
  finding,
  idle,
  fine = ALL_IN_RANGE,
  more,
  onRepair,
  onList,
  onWhy,
  hint,
  height,
}: VerdictProps) {
  const [repair] = finding?.repairs ?? [];
  return (
    <View style={[styles.line, CONTAINED, { height }]} testID="verdict">
      <View style={[styles.mark, { backgroundColor: finding ? COLOUR.clipped : COLOUR.line }]} />
      {finding && !idle && (
        <Pressable
          role="button"
          aria-label={`? Why: ${finding.text}`}
          style={styles.why}
          onPress={onWhy}
        >
          <Text style={styles.whyText}>?</Text>
        </Pressable>
      )}
      <View style={[styles.words, finding && !idle && styles.wordsAfter]}>
        <Text role="status" aria-live="polite" style={styles.text} numberOfLines={3}>
          {idle ?? finding?.text ?? fine}
        </Text>
        {!finding && !idle && hint && <Text style={styles.hint}>{hint}</Text>}
        {more > 0 && <Text style={styles.more}>+{more}</Text>}
        {/* Beside the words: what changes inside a button is not announced. */}
        <Pressable
          role="button"
          aria-label={more > 0 ? `Verdict: ${more} more findings` : 'Verdict: all findings'}
          style={StyleSheet.absoluteFill}
          onPress={onList}
        />
      </View>
      {repair && (
        <Pressable
          role="button"
          style={styles.repair}
          testID="repair"
          onPress={() => onRepair(repair)}
        >
          <Text style={styles.repairText}>{repair.label}</Text>
        </Pressable>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    flexDirection: 'row',
    alignItems: 'center',
    backgroundColor: COLOUR.panel,
    borderRadius: 6,
    overflow: 'hidden',
  },
  mark: { width: 5, alignSelf: 'stretch' },
  words: {
    flex: 1,
    minHeight: TARGET,
    flexDirection: 'row',
    alignItems: 'center',
    paddingHorizontal: 8,
    gap: 6,
  },
  // A finger's width: it reaches from the mark into the room before the words.
  why: {
    zIndex: 1,
    minHeight: TARGET,
    width: TARGET - 5,
    justifyContent: 'center',
    paddingLeft: 8,
  },
  whyText: { fontFamily: FONT.semibold, fontSize: typePx(19), color: COLOUR.lightSoft },
  wordsAfter: { marginLeft: -(TARGET - 5 - 24), paddingLeft: 4 },
  hint: {
    flexShrink: 1,
    fontFamily: FONT.regular,
    fontSize: typePx(16),
    lineHeight: typePx(16),
    color: COLOUR.lightSoft,
  },
  text: {
    flexShrink: 1,
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    // Three lines fit into its height, whatever it says.
    lineHeight: typePx(16),
    color: COLOUR.light,
  },
  more: { fontFamily: FONT.medium, fontSize: typePx(14), color: COLOUR.lightSoft },
  repair: {
    minHeight: TARGET,
    margin: 2,
    paddingHorizontal: 12,
    justifyContent: 'center',
    borderWidth: 1,
    borderColor: COLOUR.lightSoft,
    borderRadius: 6,
    maxWidth: '46%',
  },
  repairText: {
    fontFamily: FONT.semibold,
    fontSize: typePx(16),
    lineHeight: typePx(18),
    color: COLOUR.light,
  },
});
