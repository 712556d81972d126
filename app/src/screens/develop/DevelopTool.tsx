import {
  AS_EXPOSED,
  FIRST_GREYS,
  isAsExposed,
  isSameDevelopment,
  lookOf,
  LOOKS,
  withLook,
  type Development,
  type Reframe,
} from '@velmo/core/recipe';
import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { ScrollView, StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { useScreenRoom } from '../../instruments/useScreenRoom';
import { createStore, useStore, type Store } from '../../state/store';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { judgedNeutral } from '../field/words/neutralWords';
import type { FrameSummary } from '../../frame/frameView';
import type { OpenedFrame } from '../frame/useFrameView';
import { useScreenKeys } from '../useScreenKeys';
import { DevelopPicture } from './DevelopPicture';
import { DevelopTapes } from './DevelopTapes';
import { developWords, lookWords } from './developWords';

interface DevelopToolProps {
  readonly opened: OpenedFrame;
  readonly summary: FrameSummary & { readonly raw: NonNullable<FrameSummary['raw']> };
  readonly reframe: Reframe;
  readonly development: Development;
  /** Other frames of its series. */
  readonly others: readonly string[];
  /** null: as exposed. */
  readonly onDone: (development: Development | null) => void;
  readonly onOthers: (development: Development | null) => void;
  readonly onLeave: () => void;
}

/** Share of a phone's height that the picture has. */
const PICTURE_SHARE = 0.36;
/** Two taps closer than this mean the same place. */
const SAME_PLACE = 0.04;

const stored = (development: Development): Development | null =>
  isAsExposed(development) ? null : development;

/** Develops a frame's raw by a recipe, as data beside its file. */
export function DevelopTool(props: DevelopToolProps) {
  const { opened, summary, reframe, development, others, onDone, onOthers, onLeave } = props;
  const [store] = useState(() => createStore(development));
  const { width, height } = useScreenRoom();
  const wide = width >= 900 || (width >= 640 && width > height);
  const column = wide ? Math.max(360, Math.round(width * 0.31)) : width;
  const { cancel } = useKept(store, development, onDone, onLeave);
  const neutral = useNeutral(store, opened, reframe);
  const pictureHeight = wide ? height - 44 : Math.round(height * PICTURE_SHARE);
  return (
    <View style={styles.screen} role="main">
      <View style={styles.bar}>
        <Button quiet label="Cancel" onPress={cancel} />
        <Text style={styles.title} numberOfLines={1} role="heading">
          Develop
        </Text>
        <Button quiet label="As exposed" onPress={() => store.set(AS_EXPOSED)} />
        <Button label="Done" onPress={onLeave} />
      </View>
      <View style={[styles.content, wide && styles.row]}>
        <DevelopPicture
          opened={opened}
          taken={summary}
          reframe={reframe}
          store={store}
          onNeutral={neutral.inHand ? neutral.at : null}
          width={wide ? width - column : width}
          height={Math.max(160, pictureHeight)}
        />
        <ScrollView style={{ width: column }} contentContainerStyle={styles.controls}>
          <Words store={store} says={neutral.says} />
          <Looks store={store} />
          <DevelopTapes
            store={store}
            asShot={summary.raw.white}
            whiteInHand={neutral.inHand}
            onWhite={neutral.toggle}
          />
          <View style={styles.buttons}>
            <Button label="Neutral by a tap" pressed={neutral.inHand} onPress={neutral.toggle} />
            <Greys store={store} />
            {others.length > 0 && (
              <Button
                label={`Develop all ${others.length + 1} alike`}
                onPress={() => onOthers(stored(store.get()))}
              />
            )}
          </View>
        </ScrollView>
      </View>
    </View>
  );
}

/** Whatever way it is left, but by Cancel or Escape: nothing that was done is lost. */
function useKept(
  store: Store<Development>,
  begun: Development,
  onDone: DevelopToolProps['onDone'],
  onLeave: () => void,
) {
  const cancelled = useRef(false);
  const keep = useRef(() => {});
  useLayoutEffect(() => {
    keep.current = () => {
      const made = store.get();
      if (!cancelled.current && !isSameDevelopment(made, begun)) onDone(stored(made));
    };
  });
  useEffect(() => () => keep.current(), []);
  const cancel = useCallback((): void => {
    cancelled.current = true;
    onLeave();
  }, [onLeave]);
  useScreenKeys(
    useCallback(
      ({ key }) => {
        if (key === 'Escape') cancel();
      },
      [cancel],
    ),
  );
  return { cancel };
}

/** White in hand: a tap on the picture says what is neutral. */
function useNeutral(store: Store<Development>, opened: OpenedFrame, reframe: Reframe) {
  const [inHand, setInHand] = useState(false);
  const [says, setSays] = useState<string | null>(null);
  const refused = useRef<{ readonly x: number; readonly y: number } | null>(null);
  const at = (place: { readonly x: number; readonly y: number }): void => {
    const before = refused.current;
    const insisted =
      before !== null && Math.hypot(before.x - place.x, before.y - place.y) < SAME_PLACE;
    void opened
      .neutralAt(place, reframe)
      .then((reading) => {
        if (!reading) return;
        const { text, white } = judgedNeutral(reading, insisted);
        refused.current = reading.kind === 'coloured' && !white ? place : null;
        if (white) store.update((now) => ({ ...now, white }));
        setSays(text);
      })
      .catch(() => setSays('The place could not be read. Try again.'));
  };
  const toggle = (): void => {
    setSays(inHand ? null : 'Tap something white or grey in the picture.');
    setInHand(!inHand);
  };
  return { inHand, says, at, toggle };
}

interface LiveProps {
  readonly store: Store<Development>;
}

/** What the recipe changes, or what was said of a neutral place. */
function Words({ store, says }: LiveProps & { readonly says: string | null }) {
  const words = useStore(store, (now) =>
    isAsExposed(now)
      ? 'As exposed. Hold the picture, or B, to see it so while you develop it.'
      : `Developed: ${developWords(now)}.`,
  );
  return (
    <Text style={styles.words} numberOfLines={2} role="status">
      {says ?? words}
    </Text>
  );
}

function Looks({ store }: LiveProps) {
  const look = useStore(store, (now) => lookOf(now)?.id ?? null);
  return (
    <View style={styles.looks} role="group" aria-label="Look">
      {LOOKS.map((one) => (
        <Button
          key={one.id}
          label={lookWords(one)}
          style={styles.look}
          pressed={one.id === look}
          onPress={() => store.update((now) => withLook(now, one.id === look ? null : one))}
        />
      ))}
    </View>
  );
}

/** Colour, or greys of it. */
function Greys({ store }: LiveProps) {
  const inGreys = useStore(store, ({ greys }) => greys !== null);
  return (
    <Button
      label="Greys"
      pressed={inGreys}
      onPress={() =>
        store.update((now) => ({ ...now, greys: now.greys ? null : [...FIRST_GREYS] }))
      }
    />
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  bar: { height: 44, flexDirection: 'row', alignItems: 'center', gap: 8, paddingRight: 4 },
  title: { flex: 1, fontFamily: FONT.medium, fontSize: typePx(16), color: COLOUR.light },
  content: { flex: 1 },
  row: { flexDirection: 'row' },
  controls: { padding: 12, gap: 8 },
  looks: { flexDirection: 'row', gap: 4 },
  look: { flex: 1, paddingHorizontal: 0 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  words: {
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    lineHeight: typePx(20),
    // Tapes keep their place, whatever is said.
    height: typePx(40),
    color: COLOUR.light,
  },
});
