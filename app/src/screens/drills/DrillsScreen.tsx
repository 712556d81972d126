import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { Pressable, ScrollView, StyleSheet, Text, View } from 'react-native';
import { DRILLS, type Drill } from '@velmo/core/drill';
import { Button } from '../../instruments/Button';
import { lastDrillProgress, NOT_TRIED, type DrillRecord } from '../../storage/kept/drillProgress';
import { COLOUR, FONT, TARGET, typePx } from '../../theme/theme';
import { SCREEN_TEXT } from '../../theme/screenText';

/** "best 93 of 5 tries" */
const recordWords = ({ best, tries }: DrillRecord): string =>
  best === null ? 'not tried yet' : `best ${best} of ${tries} ${tries === 1 ? 'try' : 'tries'}`;

/** All drills, in the order of the course, and how far one has come. */
export function DrillsScreen() {
  const router = useRouter();
  const { data: progress } = useQuery({
    queryKey: ['drills'],
    queryFn: lastDrillProgress,
    staleTime: 0,
  });
  const back = (): void => (router.canGoBack() ? router.back() : router.replace('/'));
  return (
    <View style={styles.screen} role="main">
      <View style={styles.bar}>
        <Button quiet label="‹ Back" onPress={back} />
        <Text style={styles.title} role="heading">
          Drills
        </Text>
      </View>
      <ScrollView contentContainerStyle={styles.content}>
        <Text style={SCREEN_TEXT.about}>
          A wish each, at the simulated salt works. Expose, and the raw is judged by the light that
          was there: 100 is the best this camera could have made of it. Half the signal to noise
          leaves half; a stop of what is gone for good, an eighth. In any order; each as often as
          you like, under another light.
        </Text>
        {DRILLS.map((drill) => (
          <ListedDrill
            key={drill.id}
            drill={drill}
            record={progress?.drills[drill.id] ?? NOT_TRIED}
            onBegin={() => router.dismissTo(`/?drill=${drill.id}`)}
          />
        ))}
      </ScrollView>
    </View>
  );
}

interface ListedDrillProps {
  readonly drill: Drill;
  readonly record: DrillRecord;
  readonly onBegin: () => void;
}

function ListedDrill({ drill, record, onBegin }: ListedDrillProps) {
  return (
    <Pressable role="button" onPress={onBegin} style={styles.drill}>
      <View style={styles.head}>
        <Text style={styles.name}>{drill.title}</Text>
        <Text style={SCREEN_TEXT.about}>{recordWords(record)}</Text>
      </View>
      <Text style={SCREEN_TEXT.text}>{drill.wish}</Text>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  bar: { flexDirection: 'row', alignItems: 'center', gap: 8, padding: 8 },
  title: { fontFamily: FONT.semibold, fontSize: typePx(19), color: COLOUR.light },
  content: { padding: 8, gap: 6, maxWidth: 720, width: '100%', alignSelf: 'center' },
  drill: {
    minHeight: TARGET,
    padding: 12,
    gap: 4,
    backgroundColor: COLOUR.panel,
    borderRadius: 6,
  },
  head: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 10, alignItems: 'baseline' },
  name: { flexGrow: 1, fontFamily: FONT.medium, fontSize: typePx(17), color: COLOUR.light },
});
