import { tintWords, namedLight, WHITE_KELVIN, type WhitePoint } from '@velmo/core/colour';
import type { WhiteControl } from '../../../camera/device/capabilities';
import { Tape } from '../../../instruments/tape/Tape';
import {
  clickOfKelvin,
  kelvinOfClick,
  WHITE_CLICKS,
  WHITE_SCALE,
} from '../../../instruments/tape/whiteScale';
import { WhiteStrip } from '../../../instruments/tape/WhiteStrip';
import { derivedStore } from '../../../state/derivedStore';
import { useStore, useValue } from '../../../state/store';
import { fieldStore, readingsStore, toggleSheet } from '../session/fieldState';
import { activate, tapTape } from '../commands/activeTape';
import { why } from '../commands/askWhy';
import { holdWhite, releaseWhite } from '../commands/whiteCommands';

const STRIP = <WhiteStrip />;

const DAYLIGHT: WhitePoint = { kelvin: 5500, tint: 0 };

const whiteOf = (): WhitePoint => {
  const { white } = fieldStore.get().settings;
  if (white.mode === 'held') return white;
  return white.locked ?? readingsStore.get()?.white ?? DAYLIGHT;
};

/** The light taken as white now. */
const whiteNow = derivedStore([fieldStore, readingsStore], () => [whiteOf()], whiteOf);

/** The light taken as white now; renders again only when it changes. */
export const useWhite = (): WhitePoint => useValue(whiteNow);

const grab = (): void => activate('white');
const tap = (): void => tapTape('white');
const WHY = why('white');
const openSheet = (): void => toggleSheet('white');
const hold = (click: number): void => {
  const { white } = fieldStore.get().settings;
  const { tint } = white.mode === 'held' ? white : whiteNow.get();
  holdWhite({ kelvin: kelvinOfClick(click), tint });
};

/**
 * The last detent a device reaches; that of the whole tape lies a little beyond the coolest light.
 */
const lastClick = (kelvin: number): number =>
  kelvin < WHITE_KELVIN.max ? Math.floor(clickOfKelvin(kelvin) + 0.01) : WHITE_CLICKS.max;

/** White balance: the colour of the light, by kelvin. */
export function WhiteTape({ control, height }: { control: WhiteControl; height: number }) {
  const setting = useStore(fieldStore, (s) => s.settings.white);
  const open = useStore(fieldStore, (s) => s.sheet === 'white');
  const isActive = useStore(fieldStore, (s) => s.activeTape === 'white');
  const white = useWhite();
  const isHeld = setting.mode === 'held';
  const locked = setting.mode === 'auto' && setting.locked !== null;
  const below = control.tint ? tintWords(white.tint) : '';
  const top = control.tint ? 'tint ▾' : 'lights ▾';
  // What the device takes for white is not always told.
  const told = useStore(readingsStore, (r) => r?.white != null);
  const range = {
    min: Math.max(WHITE_CLICKS.min, Math.ceil(clickOfKelvin(control.kelvin.min) - 0.01)),
    max: Math.min(WHITE_CLICKS.max, lastClick(control.kelvin.max)),
  };
  return (
    <Tape
      scale={WHITE_SCALE}
      why={WHY}
      range={range}
      click={Math.min(range.max, Math.max(range.min, clickOfKelvin(white.kelvin)))}
      held={isHeld}
      step={1}
      releasable
      atEnd={false}
      tag={isHeld ? 'set' : locked ? 'auto, locked' : told ? 'auto' : 'auto, not told'}
      description={namedLight(white)?.label}
      foot={STRIP}
      cap={{
        top,
        below,
        name: `White balance: ${top} ${below}`,
        expanded: open,
        onPress: openSheet,
      }}
      height={height}
      onChange={hold}
      onRelease={releaseWhite}
      onGrab={grab}
      onTap={tap}
      isActive={isActive}
    />
  );
}
