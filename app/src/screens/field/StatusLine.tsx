import { useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import { findLens } from '@velmo/core/optics';
import { batteryStore, watchBattery } from '../../engine/battery';
import { Button } from '../../instruments/Button';
import { StatusPart } from '../../instruments/StatusPart';
import { cropWords } from '../../instruments/tape/tapeScale';
import { useRoom } from '../../storage/frames/frameQueries';
import { useStore } from '../../state/store';
import { useStorageKept } from '../../storage/storageKept';
import { currentRollStore } from '../../storage/rolls/currentRoll';
import { why } from './commands/askWhy';
import { WIDE_PX, STATUS_PX } from './layout';
import { session } from './session/fieldSession';
import { fieldStore, readingsStore, toggleSheet, type FieldState } from './session/fieldState';
import { FILE_WORDS, framesLeft, leftDigits, writtenKind } from './words/fileWords';
import { PATTERN_WORDS } from './words/patternWords';
import { differenceText, evText } from './words/readingsText';
import { batteryWords, isLow } from './words/stateWords';

/**
 * Place, meter and rig: what the picture is taken of, by what light, with what. Each opens its
 * sheet.
 *
 * @param width what it has of the screen's
 */
export function StatusLine({ width }: { width: number }) {
  const isShort = useStore(fieldStore, (s) => width < SHORT_PX[s.preferences.screen.type]);
  return (
    <View style={styles.line}>
      <PlacePart />
      <MeterPart />
      <LockButton />
      <RigPart isShort={isShort} />
      <FilesPart width={width} isShort={isShort} />
    </View>
  );
}

/** Narrower than this, a place could not be touched beside all there is to say of lens and roll. */
const SHORT_PX = { usual: 320, large: 370 } as const;

/** What each part is called where one asks why. */
const WHY = {
  camera: why('place'),
  meter: why('meter'),
  rig: why('rig'),
  files: why('files'),
} as const;

interface PartProps {
  readonly top: string;
  readonly below: string;
  readonly name: string;
  readonly sheet: keyof typeof WHY;
  readonly wide?: boolean;
}

/** A part that opens a sheet of Field. */
function Part({ sheet, ...rest }: PartProps) {
  const open = useStore(fieldStore, (s) => s.sheet === sheet);
  return <StatusPart {...rest} why={WHY[sheet]} open={open} onPress={() => toggleSheet(sheet)} />;
}

function PlacePart() {
  const label = useStore(fieldStore, (s) => s.capabilities?.label ?? 'Camera');
  const simulated = useStore(fieldStore, (s) => s.choice.device === 'simulated');
  return (
    <Part
      top={label}
      below={simulated ? 'simulated ▾' : 'video frames ▾'}
      name="Camera and place"
      sheet="camera"
      wide
    />
  );
}

/** The light as EV100, or where only the picture is known, how far it lies from mid-grey. */
function meterWords(): string {
  const readings = readingsStore.get();
  if (!readings) return '…';
  const light = evText(readings.ev100) || `${differenceText(readings)} stops`;
  return readings.estimated ? `≈ ${light}` : light;
}

function MeterPart() {
  const words = useStore(readingsStore, meterWords);
  const pattern = useStore(fieldStore, (s) => s.settings.meter.pattern);
  return <Part top={words} below={`${PATTERN_WORDS[pattern]} ▾`} name="Meter" sheet="meter" />;
}

function LockButton() {
  const locked = useStore(fieldStore, (s) => s.settings.meter.lockedEv100 !== null);
  const known = useStore(readingsStore, (r) => r?.ev100 != null);
  const canLock = useStore(fieldStore, (s) => s.capabilities?.canLock ?? false);
  if (!known || !canLock) return null;
  return (
    <Button
      quiet
      label={locked ? 'locked' : 'lock'}
      name={locked ? 'locked: unlock the exposure' : 'lock the exposure'}
      pressed={locked}
      onPress={session.toggleLock}
    />
  );
}

const rigWords = ({ settings, capabilities }: FieldState, isShort: boolean): string => {
  const lens = findLens(settings.lens);
  if (capabilities?.zoomMax && settings.crop > 1.02) return `zoom ${settings.crop.toFixed(1)}×`;
  if (!capabilities?.hasRig || !lens) return 'its own lens';
  const focal = Math.round(lens.focalLength35Mm * settings.crop);
  if (isShort) return `${focal} mm`;
  return [`${focal} mm`, cropWords(settings.crop) || `f/${lens.fNumber}`].join(' ');
};

const supportWords = ({ settings, capabilities }: FieldState): string => {
  const flash = capabilities?.flash.some((timing) => timing === settings.flash);
  if (!capabilities?.hasRig) {
    const torch = capabilities?.hasTorch && settings.torch;
    return torch ? 'torch ▾' : flash ? 'flash ▾' : 'rig ▾';
  }
  const filter = settings.filterStops > 0 ? ` · ND ${settings.filterStops}` : '';
  const lamp = settings.torch ? ' · torch' : flash ? ' · flash' : '';
  return `${settings.support === 'tripod' ? 'tripod' : 'hand-held'}${filter}${lamp} ▾`;
};

function RigPart({ isShort }: { isShort: boolean }) {
  const top = useStore(fieldStore, (s) => rigWords(s, isShort));
  const below = useStore(fieldStore, supportWords);
  return <Part top={top} below={below} name="Rig" sheet="rig" />;
}

const filesTop = ({ settings, capabilities }: FieldState): string =>
  capabilities ? FILE_WORDS[writtenKind(settings, capabilities)].replace(' 16 bit', '') : '…';

/** From so many frames on there is no need to think of room where there is little on the line. */
const MANY_LEFT = 100;
/** Narrower than this, a place's name needs the line more: so much for each letter of the files. */
const NARROW_PX = 360;
const LETTER_PX = 8;

/** Battery and storage, where there is room for them; of a narrow line a battery that runs out. */
function useStateWords(width: number): readonly string[] {
  const battery = useStore(batteryStore, (b) => b);
  const { data: kept } = useStorageKept();
  useEffect(watchBattery, []);
  if (width < WIDE_PX) return [];
  return [
    battery ? batteryWords(battery) : '',
    kept ? 'storage kept' : kept === false ? 'storage may be cleared' : '',
  ].filter(Boolean);
}

/** What is written, into which roll, how many more there is room for; a battery that runs out. */
function FilesPart({ width, isShort }: { width: number; isShort: boolean }) {
  const { data: room } = useRoom();
  const kind = useStore(fieldStore, filesTop);
  const roll = useStore(currentRollStore, ({ name }) => name);
  const isNarrow = width < NARROW_PX + LETTER_PX * kind.length;
  const state = useStateWords(width);
  const low = useStore(batteryStore, (battery) =>
    battery && isLow(battery) ? batteryWords(battery) : null,
  );
  const first =
    state.length === 0 && low ? low : shortened(roll, isShort ? FEW_LETTERS : MAX_LETTERS);
  const few = useStore(fieldStore, ({ settings, capabilities }) => {
    const left = capabilities ? framesLeft(settings, capabilities, room ?? null) : null;
    if (left === null || (isNarrow && left >= MANY_LEFT)) return '';
    return ` · ${leftDigits(left)}${left < MANY_LEFT ? ' left' : ''}`;
  });
  return (
    <Part
      top={`${kind}${few}`}
      below={`${[first, ...state].join(' · ')} ▾`}
      name="Files and roll"
      sheet="files"
    />
  );
}

/** Letters of a roll's name that the line has room for. */
const MAX_LETTERS = 14;
const FEW_LETTERS = 7;

const shortened = (name: string, letters: number): string =>
  name.length <= letters ? name : `${name.slice(0, letters - 1).trimEnd()}…`;

const styles = StyleSheet.create({
  line: {
    alignSelf: 'stretch',
    height: STATUS_PX,
    flexDirection: 'row',
    alignItems: 'center',
    paddingHorizontal: 4,
    gap: 2,
  },
});
