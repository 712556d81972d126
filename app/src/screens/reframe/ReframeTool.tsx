import { isAsTaken, MAX_TILT, type Reframe } from '@velmo/core/recipe';
import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { Tape } from '../../instruments/tape/Tape';
import type { TapeScale } from '../../instruments/tape/tapeScale';
import { useScreenRoom } from '../../instruments/useScreenRoom';
import { createStore, useStore, type Store } from '../../state/store';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import type { OpenedFrame } from '../frame/useFrameView';
import { useScreenKeys } from '../useScreenKeys';
import {
  reframeOf,
  reframingOf,
  shapedTo,
  SHAPES,
  turnedBy,
  untouched,
  type Reframing,
  type Shape,
} from './reframing';
import { ReframeStage } from './ReframeStage';
import { reframeWords, tiltText } from './reframeWords';
import type { Size } from '../../frame/shownPicture';

interface ReframeToolProps {
  readonly opened: OpenedFrame;
  /** Size of the picture as it was taken. */
  readonly taken: Size;
  readonly reframe: Reframe;
  /** null: as it was taken. */
  readonly onDone: (reframe: Reframe | null) => void;
  readonly onLeave: () => void;
}

const TILT: TapeScale = {
  name: 'Tilt',
  engrave: (tenths) => `${tenths / 10}°`.replace('-', '−'),
  readout: tiltText,
  speak: (tenths) =>
    tenths === 0
      ? 'level'
      : `${Math.abs(tenths) / 10} degrees ${tenths < 0 ? 'anticlockwise' : 'clockwise'}`,
  majorEvery: 10,
};

/** Words for those shapes that no numbers say. */
const SHAPE_WORDS: Readonly<Partial<Record<Shape, string>>> = { free: 'Free', taken: 'Own' };

/** Height of what stands under the picture on a phone. */
const CONTROLS = 236;

/** Turns, straightens and cuts a frame, as data beside its file. */
export function ReframeTool({ opened, taken, reframe, onDone, onLeave }: ReframeToolProps) {
  const [begun] = useState(() => reframingOf(reframe, taken));
  const [store] = useState(() => createStore(begun));
  const [levels, setLevels] = useState(false);
  const { width, height } = useScreenRoom();
  // A phone on its side has no room under the picture either.
  const wide = width >= 900 || (width >= 640 && width > height);
  const column = wide ? Math.max(360, Math.round(width * 0.29)) : width;
  const cancelled = useRef(false);
  const keep = useRef(() => {});
  useLayoutEffect(() => {
    keep.current = () => {
      if (cancelled.current || store.get() === begun) return;
      const made = reframeOf(store.get(), taken);
      if (!isSame(made, reframe)) onDone(isAsTaken(made) ? null : made);
    };
  });
  // Whatever way it is left, but by Cancel: nothing that was done is lost.
  useEffect(() => () => keep.current(), []);
  const cancel = useCallback((): void => {
    cancelled.current = true;
    onLeave();
  }, [onLeave]);
  useReframeKeys(store, cancel);
  return (
    <View style={styles.screen} role="main">
      <View style={styles.bar}>
        <Button quiet label="Cancel" onPress={cancel} />
        <Text style={styles.title} numberOfLines={1} role="heading">
          Reframe
        </Text>
        <Button quiet label="As taken" onPress={() => store.set(untouched(taken))} />
        <Button label="Done" onPress={onLeave} />
      </View>
      <View style={[styles.content, wide && styles.row]}>
        <ReframeStage
          opened={opened}
          taken={taken}
          store={store}
          levels={levels}
          onLevelled={() => setLevels(false)}
          width={wide ? width - column : width}
          height={Math.max(160, wide ? height - 44 : height - 44 - CONTROLS)}
        />
        <View style={[styles.controls, { width: column }]}>
          <Words store={store} taken={taken} levels={levels} />
          <Shapes store={store} taken={taken} />
          <View style={styles.buttons}>
            <Button label="Turn left" onPress={() => store.update((now) => turnedBy(now, -1))} />
            <Button label="Turn right" onPress={() => store.update((now) => turnedBy(now, 1))} />
            <Button
              label="Level by a line"
              pressed={levels}
              onPress={() => setLevels((now) => !now)}
            />
          </View>
          <TiltTape store={store} />
        </View>
      </View>
    </View>
  );
}

const isSame = (a: Reframe, b: Reframe): boolean =>
  a.quarters === b.quarters &&
  a.tilt === b.tilt &&
  (['x', 'y', 'width', 'height'] as const).every((side) => a.crop[side] === b.crop[side]);

/** What is left of the picture; what to do next, where it waits for that. */
function Words({
  store,
  taken,
  levels,
}: Pick<ReframeToolProps, 'taken'> & LiveProps & { levels: boolean }) {
  const words = useStore(store, (now) => reframeWords(reframeOf(now, taken), taken));
  return (
    <Text style={styles.words} role="status">
      {levels ? 'Draw a line along what is to be level or upright.' : words}
    </Text>
  );
}

interface LiveProps {
  readonly store: Store<Reframing>;
}

function Shapes({ store, taken }: LiveProps & Pick<ReframeToolProps, 'taken'>) {
  const shape = useStore(store, (now) => now.shape);
  const upright = useStore(store, (now) => now.upright);
  // The shape in hand stands up or lies down when it is taken again.
  const named = (its: Shape): string =>
    its === shape && upright ? its.split(':').reverse().join(':') : its;
  return (
    <View style={styles.shapes} role="group" aria-label="Shape">
      {SHAPES.map((its) => (
        <Button
          key={its}
          label={SHAPE_WORDS[its] ?? named(its)}
          name={its === 'taken' ? 'Own shape' : undefined}
          style={styles.shape}
          pressed={its === shape}
          onPress={() => store.update((now) => shapedTo(now, its, taken))}
        />
      ))}
    </View>
  );
}

const LEVEL = { min: -MAX_TILT, max: MAX_TILT } as const;

function TiltTape({ store }: LiveProps) {
  const tilt = useStore(store, (now) => now.tilt);
  const set = useCallback(
    (next: number): void => store.update((now) => ({ ...now, tilt: next + 0 })),
    [store],
  );
  const release = useCallback(() => set(0), [set]);
  return (
    <Tape
      scale={TILT}
      range={LEVEL}
      click={tilt}
      held={tilt !== 0}
      releasable
      step={1}
      atEnd={false}
      tag={tilt === 0 ? 'level' : 'set'}
      onChange={set}
      onRelease={release}
    />
  );
}

/** Escape leaves everything as it was; comma and full stop turn by quarters. */
function useReframeKeys(store: Store<Reframing>, onCancel: () => void): void {
  useScreenKeys(
    useCallback(
      ({ key }) => {
        if (key === 'Escape') onCancel();
        else if (key === ',') store.update((now) => turnedBy(now, -1));
        else if (key === '.') store.update((now) => turnedBy(now, 1));
      },
      [store, onCancel],
    ),
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  bar: { height: 44, flexDirection: 'row', alignItems: 'center', gap: 8, paddingRight: 4 },
  title: { flex: 1, fontFamily: FONT.medium, fontSize: typePx(16), color: COLOUR.light },
  content: { flex: 1 },
  row: { flexDirection: 'row' },
  controls: { padding: 12, gap: 10 },
  // All in one row, also where a phone is 360 wide.
  shapes: { flexDirection: 'row', gap: 4 },
  shape: { flex: 1, paddingHorizontal: 0 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  words: {
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    lineHeight: typePx(20),
    minHeight: 40,
    color: COLOUR.light,
  },
});
