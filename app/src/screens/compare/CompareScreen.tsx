import { useFocusEffect, useLocalSearchParams, useRouter } from 'expo-router';
import { useCallback, useState } from 'react';
import { ScrollView, StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { Choice } from '../../instruments/Choice';
import { useScreenRoom } from '../../instruments/useScreenRoom';
import { useFrames } from '../../storage/frames/frameQueries';
import { summaryWords } from '../../storage/frames/frameWords';
import type { ListedFrame } from '../../storage/frames/madeFrame';
import { SCREEN_TEXT } from '../../theme/screenText';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { WHOLE, ZOOM_WORDS } from '../frame/frameLook';
import { useFrameView, useRestEnds, type OpenedFrame } from '../frame/useFrameView';
import { UndoLine } from '../roll/UndoLine';
import { useDeciding, type Deciding } from '../roll/useDeciding';
import { comparedIds, COMPARE_WAYS, LETTERS, type CompareWay } from './compared';
import { ComparedPictures } from './ComparedPictures';
import { compareWords, movedWords } from './compareWords';
import { TwoHistograms } from './TwoHistograms';
import { useAlignment } from './useAlignment';
import { useComparison, type Comparison } from './useComparison';

const WAY_WORDS: Readonly<Record<CompareWay, string>> = {
  flip: 'flip',
  beside: 'side by side',
  split: 'split',
  difference: 'difference',
};

const WIDE = 900;
const COLUMN = 380;

/** Two to four frames at the same place and magnification, and what differs in their raws. */
export function CompareScreen() {
  const ids =
    comparedIds(useLocalSearchParams<{ a?: string; b?: string; c?: string; d?: string }>());
  const router = useRouter();
  const found = useFrames(ids);
  const back = (): void => (router.canGoBack() ? router.back() : router.replace('/frames'));
  const frames = found.flatMap(({ data }) => data ?? []);
  if (ids.length > 1 && frames.length === ids.length)
    return <OpenFrames key={ids.join(' ')} frames={frames} onBack={back} />;
  const words =
    ids.length < 2
      ? 'Two frames at least are needed to compare them: choose them in a roll.'
      : found.some(({ isError }) => isError)
        ? 'The browser’s storage could not be read just now. Reload the page to try again.'
        : found.some(({ isPending }) => isPending)
          ? 'Opening ...'
          : 'One of these frames is not on this device (any more).';
  return (
    <View style={[styles.screen, styles.message]} role="main">
      <Text style={SCREEN_TEXT.text}>{words}</Text>
      <Button label="‹ Back" onPress={back} />
    </View>
  );
}

interface OpenFramesProps {
  readonly frames: readonly ListedFrame[];
  readonly onBack: () => void;
}

/** Frames that are open, as many as there are. */
function useOpened(frames: readonly ListedFrame[]): OpenedFrame[] {
  const opened = [
    useFrameView(frames[0].record),
    useFrameView(frames[1].record),
    useFrameView(frames[2]?.record ?? null),
    useFrameView(frames[3]?.record ?? null),
  ];
  return opened.slice(0, frames.length);
}

function OpenFrames({ frames, onBack }: OpenFramesProps) {
  const [way, setWay] = useState<CompareWay>('flip');
  const [look, setLook] = useState(WHOLE);
  const [other, setOther] = useState(1);
  const [isAligned, setAligned] = useState(false);
  const flipped = useHeldKey('f');
  const opened = useOpened(frames);
  useRestEnds();
  const alignment = useAlignment(opened, isAligned);
  const comparison = useComparison(frames[0], frames[other]);
  const deciding = useDeciding();
  const { width, height } = useScreenRoom();
  const wide = width >= WIDE;
  const pictureWidth = wide ? width - COLUMN : width;
  const pictureHeight = wide ? Math.max(120, height - 48) : Math.round(height * 0.5);
  const error = opened.find((frame) => frame.error)?.error ?? null;
  const letters = LETTERS.slice(0, frames.length);
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
            <Text style={SCREEN_TEXT.text}>{error}</Text>
          </View>
        ) : (
          <ComparedPictures
            frames={opened}
            moved={alignment.moved}
            way={way}
            other={other}
            difference={comparison.picture}
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
          {frames.length > 2 && (
            <Choice
              label="A against"
              options={letters.slice(1).map((letter, i) => ({
                value: i + 1,
                label: letter,
                name: `${letter}: A against it`,
              }))}
              value={other}
              onChoose={setOther}
            />
          )}
          <WayWords way={way} other={LETTERS[other]} hasPicture={comparison.picture !== null} />
          <View style={styles.actions}>
            <Button
              label="Align"
              name="Align: lay the frames on one another"
              pressed={isAligned}
              onPress={() => setAligned(!isAligned)}
            />
            <Text style={[styles.about, styles.content]} role="status">
              {!isAligned
                ? ''
                : !alignment.isDone
                  ? 'Aligning ...'
                  : movedWords(LETTERS[other], alignment.moved[other], opened[0].summary!)}
            </Text>
          </View>
          <Differences
            comparison={comparison}
            second={LETTERS[other]}
            width={(wide ? COLUMN : width) - 24}
          />
          <Verdicts frames={frames} deciding={deciding} />
        </ScrollView>
      </View>
    </View>
  );
}

interface WayWordsProps {
  readonly way: CompareWay;
  readonly other: string;
  readonly hasPicture: boolean;
}

/** How a way is used, and what its picture means. */
function WayWords({ way, other, hasPicture }: WayWordsProps) {
  const words =
    way === 'flip'
      ? `Hold the picture, or F, to see ${other}.`
      : way !== 'difference'
        ? null
        : hasPicture
          ? `Grey: the same but for an even difference in brightness. Lighter: ${other} is brighter there; white or black at one stop.`
          : 'There is no picture of the difference: it takes two raws of one size and kind.';
  return words && <Text style={styles.about}>{words}</Text>;
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

interface DifferencesProps {
  readonly comparison: Comparison;
  readonly second: string;
  readonly width: number;
}

/** What differs in the raws, in words and as two histograms. */
function Differences({ comparison: { compared, problem }, second, width }: DifferencesProps) {
  if (!compared)
    return (
      <Text style={SCREEN_TEXT.text} role="status">
        {problem ?? 'Comparing the raws ...'}
      </Text>
    );
  const [first, ...rest] = compareWords(compared, second);
  return (
    <>
      <View role="status">
        <Text style={styles.first}>{first}</Text>
        {rest.map((line) => (
          <Text key={line} style={SCREEN_TEXT.text}>
            {line}
          </Text>
        ))}
      </View>
      <Text style={styles.about}>
        {`Raw histograms laid over each other, in stops: ${second} dashed.`}
      </Text>
      <TwoHistograms histograms={compared.histograms} second={second} width={width} height={120} />
    </>
  );
}

interface VerdictsProps {
  readonly frames: readonly ListedFrame[];
  readonly deciding: Deciding;
}

/** Which of them is kept, and which dropped. */
function Verdicts({ frames, deciding }: VerdictsProps) {
  return (
    <>
      {frames.map(({ record, decision }, i) => {
        const name = LETTERS[i];
        return (
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
        );
      })}
      <UndoLine deciding={deciding} hint="" />
    </>
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  bar: { height: 48, flexDirection: 'row', alignItems: 'center', gap: 8, paddingRight: 6 },
  title: { flex: 1, fontFamily: FONT.medium, fontSize: typePx(17), color: COLOUR.light },
  content: { flex: 1 },
  row: { flexDirection: 'row' },
  side: { width: COLUMN },
  column: { padding: 12, gap: 10 },
  message: { alignItems: 'center', justifyContent: 'center', gap: 16, padding: 24 },
  first: {
    fontFamily: FONT.semibold,
    fontSize: typePx(18),
    lineHeight: typePx(24),
    color: COLOUR.light,
  },
  about: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
  verdict: { gap: 4 },
  actions: { flexDirection: 'row', alignItems: 'center', gap: 8 },
});
