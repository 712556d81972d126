import { useCallback } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Ladder } from '../../instruments/ladder/Ladder';
import type { LadderReading } from '../../instruments/ladder/LadderHistogram';
import { LadderNote } from '../../instruments/ladder/LadderNote';
import { PictureHistogram } from '../../instruments/ladder/PictureHistogram';
import { useStore } from '../../state/store';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { frameFacts } from './frameFactsText';
import type { FrameSummary } from '../../frame/frameView';
import { placedReading, readingWords } from './reading';

const HEIGHT = 250;

interface FrameFactsProps {
  readonly summary: FrameSummary;
  /** The frame has a raw, which may not be what is looked at. */
  readonly hasRaw: boolean;
}

/** What the file holds: raw histogram in stops, the picture's in bytes beside it, settings. */
export function FrameFacts({ summary, hasRaw }: FrameFactsProps) {
  const { raw, picture } = summary;
  const facts = frameFacts(summary, hasRaw);
  return (
    <View style={styles.row}>
      <View style={styles.histograms}>
        {raw && (
          <RawLadder raw={raw} words={facts.find(([name]) => name === 'Clipped')?.[1] ?? ''} />
        )}
        <PictureLevels histogram={picture} />
      </View>
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

interface RawLadderProps {
  readonly raw: NonNullable<FrameSummary['raw']>;
  readonly words: string;
}

function RawLadder({ raw: { statistics, clipStops, floorStops }, words }: RawLadderProps) {
  const { histogram } = statistics;
  const subscribe = useCallback(
    (listener: (reading: LadderReading) => void) => {
      listener({ histogram });
      return () => {};
    },
    [histogram],
  );
  return (
    <Ladder
      width={96}
      height={HEIGHT}
      clipStops={clipStops}
      floorStops={floorStops}
      subscribe={subscribe}
      valueText={words}
    >
      <ReadingOnLadder />
    </Ladder>
  );
}

/** Where on the ladder lies what is read in the picture. */
function ReadingOnLadder() {
  const reading = useStore(placedReading, (placed) => placed?.reading ?? null);
  if (reading?.kind !== 'raw') return null;
  const { tone } = readingWords(reading);
  return (
    <LadderNote
      stops={reading.stops}
      height={HEIGHT}
      label={tone}
      name={`Read here: ${tone} stops from mid-grey`}
    />
  );
}

function PictureLevels({ histogram }: { histogram: Int32Array }) {
  const subscribe = useCallback(
    (listener: (histogram: Int32Array) => void) => {
      listener(histogram);
      return () => {};
    },
    [histogram],
  );
  return (
    <PictureHistogram width={64} height={HEIGHT} scale="linear" of="shown" subscribe={subscribe} />
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 10 },
  histograms: { flexDirection: 'row', gap: 2 },
  list: { flex: 1, gap: 3 },
  fact: { flexDirection: 'row', gap: 8 },
  name: {
    width: 60,
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
  value: {
    flex: 1,
    fontFamily: FONT.medium,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.light,
    fontVariant: ['tabular-nums'],
  },
});
