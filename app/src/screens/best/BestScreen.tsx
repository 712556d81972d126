import { useLocalSearchParams, useRouter } from 'expo-router';
import { ScrollView, StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { useScreenRoom } from '../../instruments/useScreenRoom';
import { useSeries } from '../../storage/frames/frameQueries';
import { exposureWords } from '../../storage/frames/frameWords';
import type { ListedFrame } from '../../storage/frames/madeFrame';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { KIND_WORDS } from '../field/words/seriesWords';
import { FramedThumbnail } from '../roll/contactSheet/FramedThumbnail';
import { Notch } from '../roll/contactSheet/Notch';
import { UndoLine } from '../roll/UndoLine';
import { useDeciding, type Deciding } from '../roll/useDeciding';
import { figuresWords, firstWords, laterWords } from './bestWords';
import { useBest } from './useBest';

/** From this width on pictures are larger. */
const WIDE = 900;
const PICTURE = { phone: 132, wide: 220 } as const;

/** The frames of a stack in the order of what was measured on them; the photographer decides. */
export function BestScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const { data: frames = [], isPending, isError } = useSeries(id);
  const best = useBest(frames);
  const deciding = useDeciding();
  const { ranked, unmeasured, done, count, problem } = best;
  const kind = frames[0]?.record.series?.kind;
  const back = (): void => (router.canGoBack() ? router.back() : router.replace('/frames'));
  const wide = useScreenRoom().width >= WIDE;
  const busy = !isPending && !isError && done < count;
  const words = isError
    ? 'The browser’s storage could not be read just now. Reload the page to try again.'
    : isPending
      ? 'Opening ...'
      : count === 0
        ? 'This frame is not on this device (any more).'
        : busy
          ? `Measuring frame ${done + 1} of ${count} ...`
          : (problem ?? null);
  const open = (frame: ListedFrame): void =>
    router.push({ pathname: '/frame/[id]', params: { id: frame.record.id } });
  const compare = (frame: ListedFrame): void =>
    router.push({
      pathname: '/compare',
      params: { a: ranked[0].frame.record.id, b: frame.record.id },
    });
  return (
    <View style={styles.screen} role="main">
      <View style={styles.bar}>
        <Button quiet label="‹ Back" onPress={back} />
        <Text style={styles.title} role="heading">
          {`Best of ${count}${kind ? ` · ${KIND_WORDS[kind]}` : ''}`}
        </Text>
      </View>
      <ScrollView contentContainerStyle={[styles.list, wide && styles.wideList]} tabIndex={0}>
        {words && (
          <Text style={styles.text} role="status">
            {words}
          </Text>
        )}
        {ranked.map((one, place) => (
          <Line
            key={one.frame.record.id}
            frame={one.frame}
            reason={place === 0 ? firstWords(ranked) : laterWords(one, ranked[0])}
            figures={figuresWords(one)}
            deciding={deciding}
            others={place === 0 ? ranked.slice(1).map(({ frame }) => frame.record.id) : []}
            onOpen={open}
            onCompare={place === 0 ? undefined : () => compare(one.frame)}
          />
        ))}
        {!busy &&
          unmeasured.map((frame) => (
            <Line
              key={frame.record.id}
              frame={frame}
              reason="No raw that could be measured."
              figures=""
              deciding={deciding}
              others={[]}
              onOpen={open}
            />
          ))}
        {ranked.length > 1 && (
          <Text style={styles.about}>
            Detail: contrast of neighbouring green photosites, less their noise,{' '}
            {COMPARED_WORDS[ranked[0].compared]}; 100 is the sharpest. Smear: contrast lost one way
            more than across. Clipped: of the channel that clips most. Noise: at the frame’s median.
          </Text>
        )}
      </ScrollView>
      <View style={styles.foot}>
        <UndoLine deciding={deciding} hint="Measured on the raw. You decide." />
      </View>
    </View>
  );
}

/** Where the frames were compared. */
const COMPARED_WORDS = {
  asked: 'where focus was asked for',
  most: 'where the frames have most of it',
} as const;

interface LineProps {
  readonly frame: ListedFrame;
  readonly reason: string;
  readonly figures: string;
  readonly deciding: Deciding;
  /** Ids that can be dropped for this one. */
  readonly others: readonly string[];
  readonly onOpen: (frame: ListedFrame) => void;
  /** Left out for the first: there is nothing to compare it with. */
  readonly onCompare?: () => void;
}

/** One frame: its picture, why it stands where it stands, and what becomes of it. */
function Line({ frame, reason, figures, deciding, others, onOpen, onCompare }: LineProps) {
  const { record, decision } = frame;
  const wide = useScreenRoom().width >= WIDE;
  const side = PICTURE[wide ? 'wide' : 'phone'];
  const step = record.series ? record.series.step + 1 : 1;
  const choose = (choice: 'kept' | 'dropped'): void =>
    deciding.choose([record.id], decision.choice === choice ? null : choice);
  return (
    <View style={[styles.line, wide && styles.half]} role="group" aria-label={`Frame ${step}`}>
      <View style={[styles.picture, { width: side, height: side }]}>
        <FramedThumbnail frame={frame} width={side} height={side} fit="contain" />
        <Notch choice={decision.choice} />
      </View>
      <View style={styles.words}>
        <Text style={styles.text}>{reason}</Text>
        <Text style={styles.about}>
          {`Frame ${step} · ${exposureWords(record)}${figures ? ` · ${figures}` : ''}`}
        </Text>
        <View style={styles.actions}>
          <Button
            label="Keep"
            name={`Keep frame ${step}`}
            pressed={decision.choice === 'kept'}
            onPress={() => choose('kept')}
          />
          <Button
            label="Drop"
            name={`Drop frame ${step}`}
            pressed={decision.choice === 'dropped'}
            onPress={() => choose('dropped')}
          />
          <Button label="Open" name={`Open frame ${step}`} onPress={() => onOpen(frame)} />
          {onCompare && (
            <Button
              label="Compare"
              name={`Compare frame ${step} with the first`}
              onPress={onCompare}
            />
          )}
          {others.length > 0 && (
            <Button
              label={`Drop the other ${others.length}`}
              onPress={() => deciding.choose(others, 'dropped')}
            />
          )}
        </View>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  bar: { height: 44, flexDirection: 'row', alignItems: 'center', gap: 8 },
  title: { flex: 1, fontFamily: FONT.medium, fontSize: typePx(17), color: COLOUR.light },
  list: { padding: 8, gap: 10 },
  wideList: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 24 },
  line: { flexDirection: 'row', gap: 10 },
  half: { width: '48%' },
  picture: { backgroundColor: '#161616' },
  image: { width: '100%', height: '100%' },
  words: { flex: 1, gap: 4 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 6 },
  text: {
    fontFamily: FONT.medium,
    fontSize: typePx(17),
    lineHeight: typePx(22),
    color: COLOUR.light,
  },
  about: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
    fontVariant: ['tabular-nums'],
  },
  foot: { paddingHorizontal: 10, backgroundColor: COLOUR.panel },
});
