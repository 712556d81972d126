import { StyleSheet, Text, View } from 'react-native';
import { ALL_IN_RANGE } from '@velmo/core/verdict';
import { Button } from '../../../instruments/Button';
import { Sheet } from '../../../instruments/Sheet';
import { useStore, useValue } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { useFindings } from '../words/findingsNow';
import { session } from '../session/fieldSession';
import { closeSheet, fieldStore, openNote } from '../session/fieldState';
import { noteOfFinding, noteOfSheet } from '../words/noteTopics';
import { consequencesNow } from '../tapes/tapeBands';

/** Everything the verdict found, each with its ways out, and the numbers behind the tapes. */
export function VerdictSheet() {
  const findings = useFindings();
  const open = useStore(fieldStore, (s) => s.sheet === 'verdict');
  const consequences = useValue(consequencesNow);
  return (
    <Sheet
      title="Verdict"
      onClose={open ? closeSheet : undefined}
      onNote={() => openNote(noteOfSheet('verdict'))}
    >
      {findings.length === 0 && <Text style={styles.text}>{ALL_IN_RANGE}</Text>}
      {findings.map((finding) => (
        <View key={finding.id} style={styles.finding}>
          <Text style={styles.text}>{finding.text}</Text>
          <View style={styles.row}>
            {finding.repairs.map((repair) => (
              <Button
                key={repair.label}
                label={repair.label}
                onPress={() => session.applyRepair(repair)}
              />
            ))}
            <Button
              quiet
              label="Why?"
              name={`Why? ${finding.text}`}
              onPress={() => openNote(noteOfFinding(finding.id))}
            />
          </View>
        </View>
      ))}
      {consequences !== '' && <Text style={styles.head}>On the tapes</Text>}
      {consequences.split('\n').map((sentence) => (
        <Text key={sentence} style={styles.detail}>
          {sentence}
        </Text>
      ))}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  finding: {
    gap: 6,
    paddingLeft: 10,
    borderLeftWidth: 4,
    borderLeftColor: COLOUR.clipped,
  },
  text: {
    fontFamily: FONT.medium,
    fontSize: typePx(17),
    lineHeight: typePx(21),
    color: COLOUR.light,
  },
  head: { fontFamily: FONT.medium, fontSize: typePx(14), color: COLOUR.lightSoft },
  detail: {
    fontFamily: FONT.regular,
    fontSize: typePx(16),
    lineHeight: typePx(20),
    color: COLOUR.light,
  },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
