import { WHITE_KELVIN, WHITE_TINT, type WhitePoint } from '@velmo/core/colour';
import type { Development } from '@velmo/core/recipe';
import { StyleSheet, View } from 'react-native';
import { Tape } from '../../instruments/tape/Tape';
import {
  clickOfKelvin,
  kelvinOfClick,
  TINT_CLICKS,
  TINT_SCALE,
  WHITE_CLICKS,
  WHITE_SCALE,
} from '../../instruments/tape/whiteScale';
import { WhiteStrip } from '../../instruments/tape/WhiteStrip';
import { useStore, type Store } from '../../state/store';
import {
  COLOUR_TAPE,
  DETAIL_TAPES,
  GREY_TAPES,
  LIGHT_TAPES,
  type DevelopTape,
} from './developTapes';

interface DevelopTapesProps {
  readonly store: Store<Development>;
  /** The light the file takes as white. */
  readonly asShot: WhitePoint;
  /** A tap on the picture says what is neutral. */
  readonly whiteInHand: boolean;
  readonly onWhite: () => void;
}

const HEIGHT = 46;
const STRIP = <WhiteStrip />;

/** The tapes of a recipe: light, then colour, then what is fine. */
export function DevelopTapes({ store, ...white }: DevelopTapesProps) {
  const inGreys = useStore(store, ({ greys }) => greys !== null);
  return (
    <View style={styles.tapes} role="group" aria-label="Recipe">
      {LIGHT_TAPES.map((tape) => (
        <RecipeTape key={tape.scale.name} store={store} tape={tape} />
      ))}
      <WhiteTapes store={store} {...white} />
      {(inGreys ? GREY_TAPES : [COLOUR_TAPE]).map((tape) => (
        <RecipeTape key={tape.scale.name} store={store} tape={tape} />
      ))}
      {DETAIL_TAPES.map((tape) => (
        <RecipeTape key={tape.scale.name} store={store} tape={tape} />
      ))}
    </View>
  );
}

function RecipeTape({ store, tape }: { store: Store<Development>; tape: DevelopTape }) {
  const click = useStore(store, (now) => Math.round(tape.value(now) * tape.per));
  const set = (to: number): void =>
    store.update((now) => tape.changed(now, (Math.round(to) + 0) / tape.per));
  const isFirst = click === tape.first;
  return (
    <Tape
      scale={tape.scale}
      range={tape.range}
      click={click}
      held={!isFirst}
      releasable
      step={1}
      atEnd={false}
      tag={isFirst ? '' : 'set'}
      height={HEIGHT}
      onChange={set}
      onRelease={() => set(tape.first)}
    />
  );
}

const within = (v: number, { min, max }: { readonly min: number; readonly max: number }): number =>
  Math.min(max, Math.max(min, v));

function WhiteTapes({ store, asShot, whiteInHand, onWhite }: DevelopTapesProps) {
  const white = useStore(store, (now) => now.white);
  const { kelvin, tint } = white ?? asShot;
  const set = (to: WhitePoint): void =>
    store.update((now) => ({
      ...now,
      white: { kelvin: within(to.kelvin, WHITE_KELVIN), tint: within(to.tint, WHITE_TINT) },
    }));
  const release = (): void => store.update((now) => ({ ...now, white: null }));
  const state = {
    held: white !== null,
    releasable: true,
    step: 1,
    atEnd: false,
    tag: white ? 'set' : 'as shot',
    height: HEIGHT,
    onRelease: release,
  };
  return (
    <>
      <Tape
        {...state}
        scale={WHITE_SCALE}
        range={WHITE_CLICKS}
        click={within(clickOfKelvin(kelvin), WHITE_CLICKS)}
        foot={STRIP}
        isActive={whiteInHand}
        onTap={onWhite}
        onChange={(click) => set({ kelvin: kelvinOfClick(click), tint })}
      />
      <Tape
        {...state}
        scale={TINT_SCALE}
        range={TINT_CLICKS}
        click={within(tint, TINT_CLICKS)}
        onChange={(next) => set({ kelvin, tint: next })}
      />
    </>
  );
}

const styles = StyleSheet.create({ tapes: { gap: 4 } });
