import { useRouter } from 'expo-router';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../../instruments/Button';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { drillStore, type Drilling } from '../session/drilling';
import { openNote } from '../session/fieldState';

interface DrillLineProps {
  /** The part of the picture's top that the ladder leaves free. */
  readonly left: number;
  readonly width: number;
}

/** Narrower than this there is no room for the round. */
const ROOMY_PX = 420;

/** "Round 2 · best 93 of 5 tries" */
const progressWords = ({ round, bestScore, tries }: Drilling, width: number): string =>
  [
    ...(width < ROOMY_PX ? [] : [`Round ${round + 1}`]),
    bestScore === null
      ? 'not tried yet'
      : `best ${bestScore} of ${tries} ${tries === 1 ? 'try' : 'tries'}`,
  ].join(' · ');

/** The wish of the drill under way, over the Window, and the ways out of it. */
export function DrillLine({ left, width }: DrillLineProps) {
  const router = useRouter();
  const drill = useStore(drillStore, (d) => d);
  if (!drill) return null;
  const { id, round, title, wish, note } = drill;
  const end = async (): Promise<void> => {
    await (await import('../../learn')).endDrill();
    // The address asks for no drill any more.
    router.replace('/');
  };
  return (
    <View style={[styles.line, { left, width }]} role="region" aria-label={`Drill: ${title}`}>
      <Text style={styles.wish}>{wish}</Text>
      <View style={styles.row}>
        <Text style={styles.progress} numberOfLines={1}>
          {progressWords(drill, width)}
        </Text>
        <Button quiet label="Hint" onPress={() => openNote(note)} />
        <Button
          quiet
          label="Other light"
          onPress={() => router.replace(`/?drill=${id}&round=${round + 1}`)}
        />
        <Button quiet label="Drills" onPress={() => router.push('/drills')} />
        <Button quiet label="End" onPress={() => void end()} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    position: 'absolute',
    top: 0,
    paddingHorizontal: 8,
    paddingTop: 4,
    backgroundColor: 'rgba(22,22,22,0.82)',
    pointerEvents: 'box-none',
  },
  wish: {
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    lineHeight: typePx(20),
    color: COLOUR.light,
  },
  row: { flexDirection: 'row', alignItems: 'center' },
  progress: {
    flexGrow: 1,
    flexShrink: 1,
    fontFamily: FONT.regular,
    fontSize: typePx(13),
    color: COLOUR.lightSoft,
  },
});
