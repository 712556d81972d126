import { useRouter } from 'expo-router';
import { Pressable, StyleSheet, Text, View } from 'react-native';
import { useSeries } from '../../storage/frames/frameQueries';
import type { FrameRecord } from '../../storage/frames/frameRecord';
import { COLOUR, FONT, TARGET, typePx } from '../../theme/theme';
import { seriesDifferences } from './seriesWords';

/** What the other frames of a series did differently; each is a way to it. */
export function SeriesBeside({ record }: { record: FrameRecord }) {
  const router = useRouter();
  const { data = [] } = useSeries(record.id);
  const others = seriesDifferences(
    record,
    data.map((frame) => frame.record),
  );
  if (others.length === 0) return null;
  return (
    <View role="group" aria-label="Against this one, the other frames of its series">
      <Text style={styles.head}>Against this one, the others of its series:</Text>
      {others.map(({ id, place, words }) => (
        <Pressable
          key={id}
          role="link"
          onPress={() => router.setParams({ id })}
          style={styles.other}
        >
          <Text style={styles.place}>{place}</Text>
          <Text style={styles.words}>{words}</Text>
        </Pressable>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  head: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
  other: {
    minHeight: TARGET,
    flexDirection: 'row',
    alignItems: 'center',
    gap: 8,
    borderBottomWidth: 1,
    borderBottomColor: COLOUR.line,
  },
  place: {
    width: 60,
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    color: COLOUR.lightSoft,
    fontVariant: ['tabular-nums'],
  },
  words: {
    flex: 1,
    fontFamily: FONT.medium,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.light,
    fontVariant: ['tabular-nums'],
  },
});
