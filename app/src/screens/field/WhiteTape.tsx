import { tintWords, namedLight, type WhitePoint } from '@velmo/core/colour';
import { Tape } from '../../instruments/Tape';
import {
  clickOfKelvin,
  kelvinOfClick,
  WHITE_CLICKS,
  WHITE_SCALE,
} from '../../instruments/whiteScale';
import { WhiteStrip } from '../../instruments/WhiteStrip';
import { useStore } from '../../state/store';
import { fieldStore, readingsStore, toggleSheet } from './fieldState';
import { takeInHand, tapTape } from './hand';
import { holdWhite, releaseWhite } from './whiteInHand';

const STRIP = <WhiteStrip />;

/** The light taken as white now, as text that can be compared. */
const whiteNow = (): string => {
  const { white } = fieldStore.get().settings;
  const found = white.mode === 'set' ? white : (white.locked ?? readingsStore.get()?.white);
  return JSON.stringify(found ?? { kelvin: 5500, tint: 0 });
};

/** The light taken as white now; renders again only when it changes. */
export function useWhite(): WhitePoint {
  useStore(fieldStore, whiteNow);
  return JSON.parse(useStore(readingsStore, whiteNow)) as WhitePoint;
}

const grab = (): void => takeInHand('white');
const tap = (): void => tapTape('white');
const openSheet = (): void => toggleSheet('white');
const hold = (click: number): void => {
  const { white } = fieldStore.get().settings;
  const { tint } = white.mode === 'set' ? white : (JSON.parse(whiteNow()) as WhitePoint);
  holdWhite({ kelvin: kelvinOfClick(click), tint });
};

/** White balance: the colour of the light, by kelvin. */
export function WhiteTape({ height }: { height: number }) {
  const setting = useStore(fieldStore, (s) => s.settings.white);
  const open = useStore(fieldStore, (s) => s.sheet === 'white');
  const inHand = useStore(fieldStore, (s) => s.hand === 'white');
  const white = useWhite();
  const isHeld = setting.mode === 'set';
  const locked = setting.mode === 'auto' && setting.locked !== null;
  const tint = tintWords(white.tint);
  return (
    <Tape
      scale={WHITE_SCALE}
      range={WHITE_CLICKS}
      click={Math.min(WHITE_CLICKS.max, Math.max(0, clickOfKelvin(white.kelvin)))}
      held={isHeld}
      step={1}
      releasable
      atEnd={false}
      tag={isHeld ? 'set' : locked ? 'auto, locked' : 'auto'}
      description={namedLight(white)?.label}
      foot={STRIP}
      cap={{
        top: 'tint ▾',
        below: tint,
        name: `White balance: tint ▾ ${tint}`,
        expanded: open,
        onPress: openSheet,
      }}
      height={height}
      onChange={hold}
      onRelease={releaseWhite}
      onGrab={grab}
      onTap={tap}
      inHand={inHand}
    />
  );
}
