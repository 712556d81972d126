import { useCallback } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Ladder } from '../../instruments/Ladder';
import type { LadderReading } from '../../instruments/LadderHistogram';
import { COLOUR, FONT } from '../../theme/theme';
import { frameFacts } from './frameFactsText';
import type { FrameSummary } from '../../frame/frameView';

/** What the file holds: raw histogram in stops, share clipped, settings. */
export function FrameFacts({ summary }: { summary: FrameSummary }) {
  const histogram = summary.raw?.statistics.histogram ?? null;
  const subscribe = useCallback(
    (listener: (reading: LadderReading) => void) => {
      if (histogram) listener({ histogram });
      return () => {};
    },
    [histogram],
  );
  const facts = frameFacts(summary);
  return (
    <View style={styles.row}>
      {summary.raw && (
        <Ladder
          width={110}
          height={250}
          clipStops={summary.raw.clipStops}
          floorStops={-12}
          subscribe={subscribe}
          valueText={facts.find(([name]) => name === 'Clipped')?.[1] ?? ''}
        />
      )}
      <View style={styles.list}>
        {facts.map(([name, value]) => (
          <View key={name} style={styles.fact}>
            <Text style={styles.name}>{name}</Text>
            <Text style={styles.value}>{value}</Text>
          </View>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 12 },
  list: { flex: 1, gap: 3 },
  fact: { flexDirection: 'row', gap: 8 },
  name: {
    width: 64,
    fontFamily: FONT.regular,
    fontSize: 15,
    lineHeight: 19,
    color: COLOUR.lightSoft,
  },
  value: {
    flex: 1,
    fontFamily: FONT.medium,
    fontSize: 15,
    lineHeight: 19,
    color: COLOUR.light,
    fontVariant: ['tabular-nums'],
  },
});
