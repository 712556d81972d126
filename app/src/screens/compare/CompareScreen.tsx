import { useFocusEffect, useLocalSearchParams, useRouter } from 'expo-router';
import { useCallback, useState } from 'react';
import { ScrollView, StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { Choice } from '../../instruments/Choice';
import { useScreenRoom } from '../../instruments/useScreenRoom';
import { useFrame } from '../../storage/frameQueries';
import { summaryWords } from '../../storage/frameWords';
import type { ListedFrame } from '../../storage/madeFrame';
import { COLOUR, FONT } from '../../theme/theme';
import { WHOLE, ZOOM_WORDS } from '../frame/frameLook';
import { useFrameView } from '../frame/useFrameView';
import { UndoLine } from '../roll/UndoLine';
import { useDeciding, type Deciding } from '../roll/useDeciding';
import { COMPARE_WAYS, ComparedPictures, type CompareWay } from './ComparedPictures';
import { compareWords } from './compareWords';
import { TwoHistograms } from './TwoHistograms';
import { useComparison } from './useComparison';

const WAY_WORDS: Readonly<Record<CompareWay, string>> = {
  flip: 'flip',
  beside: 'side by side',
  split: 'split',
};

const WIDE = 900;
const COLUMN = 380;

/** Two frames at the same place and magnification, and what differs in their raws. */
export function CompareScreen() {
  const { a, b } = useLocalSearchParams<{ a?: string; b?: string }>();
  const router = useRouter();
  const first = useFrame(a ?? '');
  const second = useFrame(b ?? '');
  const back = (): void => (router.canGoBack() ? router.back() : router.replace('/frames'));
  if (first.data && second.data)
    return <OpenPair key={`${a} ${b}`} a={first.data} b={second.data} onBack={back} />;
  const words =
    first.isError || second.isError
      ? 'The browser’s storage could not be read just now. Reload the page to try again.'
      : first.isPending || second.isPending
        ? 'Opening ...'
        : 'One of these frames is not on this device (any more).';
  return (
    <View style={[styles.screen, styles.message]} role="main">
      <Text style={styles.text}>{words}</Text>
      <Button label="‹ Back" onPress={back} />
    </View>
  );
}

interface OpenPairProps {
  readonly a: ListedFrame;
  readonly b: ListedFrame;
  readonly onBack: () => void;
}

function OpenPair({ a, b, onBack }: OpenPairProps) {
  const [way, setWay] = useState<CompareWay>('flip');
  const [look, setLook] = useState(WHOLE);
  const flipped = useHeldKey('f');
  const openedA = useFrameView(a.record);
  const openedB = useFrameView(b.record);
  const deciding = useDeciding();
  const { width, height } = useScreenRoom();
  const wide = width >= WIDE;
  const pictureWidth = wide ? width - COLUMN : width;
  const pictureHeight = wide ? Math.max(120, height - 48) : Math.round(height * 0.5);
  const error = openedA.error ?? openedB.error;
  return (
    <View style={styles.screen} role="main">
      <View style={styles.bar}>
        <Button quiet label="‹ Back" onPress={onBack} />
        <Text style={styles.title} role="heading" numberOfLines={1}>
          Compare
        </Text>
        <Button
          label={ZOOM_WORDS[look.zoom === 'fit' ? 1 : 'fit']}
          onPress={() => setLook({ ...look, zoom: look.zoom === 'fit' ? 1 : 'fit' })}
        />
      </View>
      <View style={[styles.content, wide && styles.row]}>
        {error ? (
          <View
            style={[styles.message, { width: pictureWidth, height: pictureHeight }]}
            role="alert"
          >
            <Text style={styles.text}>{error}</Text>
          </View>
        ) : (
          <ComparedPictures
            a={openedA}
            b={openedB}
            way={way}
            look={look}
            onLook={setLook}
            flipped={flipped}
            width={pictureWidth}
            height={pictureHeight}
          />
        )}
        <ScrollView
          style={wide ? styles.side : styles.content}
          contentContainerStyle={styles.column}
        >
          <Choice
            label="How"
            unlabelled
            options={COMPARE_WAYS.map((value) => ({ value, label: WAY_WORDS[value] }))}
            value={way}
            onChoose={setWay}
          />
          {way === 'flip' && <Text style={styles.about}>Hold the picture, or F, to see B.</Text>}
          <Differences a={a} b={b} width={(wide ? COLUMN : width) - 24} />
          <Verdicts a={a} b={b} deciding={deciding} />
        </ScrollView>
      </View>
    </View>
  );
}

/** True while a key is held, with this screen in front. */
function useHeldKey(wanted: string): boolean {
  const [held, setHeld] = useState(false);
  useFocusEffect(
    useCallback(() => {
      const onKey = (event: KeyboardEvent): void => {
        if (event.key.toLowerCase() === wanted && !event.ctrlKey && !event.metaKey)
          setHeld(event.type === 'keydown');
      };
      const letGo = (): void => setHeld(false);
      window.addEventListener('keydown', onKey);
      window.addEventListener('keyup', onKey);
      window.addEventListener('blur', letGo);
      return () => {
        window.removeEventListener('keydown', onKey);
        window.removeEventListener('keyup', onKey);
        window.removeEventListener('blur', letGo);
      };
    }, [wanted]),
  );
  return held;
}

interface PairProps {
  readonly a: ListedFrame;
  readonly b: ListedFrame;
}

/** What differs in the raws, in words and as two histograms. */
function Differences({ a, b, width }: PairProps & { readonly width: number }) {
  const { compared, problem } = useComparison(a, b);
  if (!compared)
    return (
      <Text style={styles.text} role="status">
        {problem ?? 'Comparing the raws ...'}
      </Text>
    );
  const [first, ...rest] = compareWords(compared);
  return (
    <>
      <View role="status">
        <Text style={styles.first}>{first}</Text>
        {rest.map((line) => (
          <Text key={line} style={styles.text}>
            {line}
          </Text>
        ))}
      </View>
      <Text style={styles.about}>Raw histograms laid over each other, in stops: B dashed.</Text>
      <TwoHistograms histograms={compared.histograms} width={width} height={120} />
    </>
  );
}

/** Which of the two is kept, and which dropped. */
function Verdicts({ a, b, deciding }: PairProps & { readonly deciding: Deciding }) {
  return (
    <>
      {[['A', a] as const, ['B', b] as const].map(([name, { record, decision }]) => (
        <View key={name} style={styles.verdict} role="group" aria-label={`Frame ${name}`}>
          <Text style={styles.about}>{`${name} · ${summaryWords(record)}`}</Text>
          <View style={styles.actions}>
            {(['kept', 'dropped'] as const).map((choice) => (
              <Button
                key={choice}
                label={`${choice === 'kept' ? 'Keep' : 'Drop'} ${name}`}
                pressed={decision.choice === choice}
                onPress={() =>
                  deciding.choose([record.id], decision.choice === choice ? null : choice)
                }
              />
            ))}
          </View>
        </View>
      ))}
      <UndoLine deciding={deciding} hint="" />
    </>
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  bar: { height: 48, flexDirection: 'row', alignItems: 'center', gap: 8, paddingRight: 6 },
  title: { flex: 1, fontFamily: FONT.medium, fontSize: 17, color: COLOUR.light },
  content: { flex: 1 },
  row: { flexDirection: 'row' },
  side: { width: COLUMN },
  column: { padding: 12, gap: 10 },
  message: { alignItems: 'center', justifyContent: 'center', gap: 16, padding: 24 },
  first: { fontFamily: FONT.semibold, fontSize: 18, lineHeight: 24, color: COLOUR.light },
  text: { fontFamily: FONT.regular, fontSize: 17, lineHeight: 23, color: COLOUR.light },
  about: { fontFamily: FONT.regular, fontSize: 15, lineHeight: 19, color: COLOUR.lightSoft },
  verdict: { gap: 4 },
  actions: { flexDirection: 'row', gap: 6 },
});
