import { View } from 'react-native';
import type { Band } from '@velmo/core/consequence';
import type { ClickRange } from '@velmo/core/exposure';
import { AUTO, cameraMoves, held } from '@velmo/core/settings';
import type { Readings } from '../../../camera/device/readings';
import {
  COMP_SCALE,
  ISO_SCALE,
  TIME_SCALE,
  type TapeScale,
} from '../../../instruments/tape/tapeScale';
import { Tape } from '../../../instruments/tape/Tape';
import type { ReadableStore } from '../../../state/derivedStore';
import { useStore, useValue } from '../../../state/store';
import { session } from '../session/fieldSession';
import { fieldStore, readingsStore } from '../session/fieldState';
import { pushExposureRight } from '../commands/pushRight';
import { useForeseen } from '../series/useForeseen';
import { PhoneDecides } from './PhoneDecides';
import { WhiteTape } from './WhiteTape';
import { FocusTape } from './FocusTape';
import { activate, tapTape } from '../commands/activeTape';
import { why } from '../commands/askWhy';
import { compBandsNow, isoBandsNow, timeBandsNow } from './tapeBands';

/** What belongs to each of the two tapes the camera can move. */
const TIME = exposureControl('time', TIME_SCALE, (r) => r.timeClick, timeBandsNow);
const ISO = exposureControl('iso', ISO_SCALE, (r) => r.isoClick, isoBandsNow);

function exposureControl(
  name: 'time' | 'iso',
  scale: TapeScale,
  clickOf: (readings: Readings) => number | null,
  bands: ReadableStore<readonly Band[]>,
) {
  return {
    name,
    scale,
    bands,
    reported: (readings: Readings | null) => (readings ? clickOf(readings) : null),
    set: (click: number): void => session.changeSettings((s) => ({ ...s, [name]: held(click) })),
    grab: (): void => activate(name),
    tap: (): void => tapTape(name),
    why: why(name),
    release: (): void => session.changeSettings((s) => ({ ...s, [name]: AUTO })),
  };
}

const setComp = (compClicks: number): void => session.changeSettings((s) => ({ ...s, compClicks }));
const WHY_COMP = why('comp');
const zeroComp = (): void => setComp(0);
const grabComp = (): void => activate('comp');
const tapComp = (): void => tapTape('comp');

const PUSH_RIGHT = {
  top: 'push',
  below: 'right',
  name: 'push right: the brightest exposure that holds the highlights',
  onPress: () => void pushExposureRight(),
};

/** Tapes of a camera that has all of them. */
const TAPES = 5;

/** The five tapes; in the place of one the camera keeps to itself, a line that says so. */
export function Tapes({ height, gap }: { height: number; gap: number }) {
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  // Room for the tapes that will be there, so that nothing below jumps when the camera is ready.
  if (!capabilities) return <View style={{ height: TAPES * height + (TAPES - 1) * gap }} />;
  const { time, iso, compensation, baseIsoClick, white } = capabilities;
  return (
    <>
      {time ? (
        <ExposureTape control={TIME} range={time} extendedBelow={null} height={height} />
      ) : (
        <PhoneDecides what="time" height={height} />
      )}
      {iso ? (
        <ExposureTape control={ISO} range={iso} extendedBelow={baseIsoClick} height={height} />
      ) : (
        <PhoneDecides what="iso" height={height} />
      )}
      {compensation ? (
        <CompTape range={compensation} height={height} />
      ) : (
        <PhoneDecides what="comp" height={height} />
      )}
      <FocusTape height={height} />
      {white ? (
        <WhiteTape control={white} height={height} />
      ) : (
        <PhoneDecides what="white" height={height} />
      )}
    </>
  );
}

interface ExposureTapeProps {
  readonly control: typeof TIME;
  readonly range: ClickRange;
  /** Clicks below this are extended ISO; null: none are. */
  readonly extendedBelow: number | null;
  readonly height: number;
}

function ExposureTape({ control, range, extendedBelow, height }: ExposureTapeProps) {
  const hold = useStore(fieldStore, (s) => s.settings[control.name]);
  const isActive = useStore(fieldStore, (s) => s.activeTape === control.name);
  const reported = useStore(readingsStore, control.reported);
  const outOfRange = useStore(readingsStore, (r) => r?.outOfRange ?? false);
  const bands = useValue(control.bands);
  const marks = useSeriesMarks(control.name);
  const isHeld = hold.mode === 'held';
  const wanted = isHeld ? hold.click : (reported ?? range.min);
  const click = Math.min(range.max, Math.max(range.min, wanted));
  const extended = extendedBelow !== null && click < extendedBelow;
  return (
    <Tape
      scale={control.scale}
      range={range}
      click={click}
      held={isHeld}
      step={1}
      releasable
      atEnd={!isHeld && outOfRange}
      tag={`${isHeld ? 'set' : reported === null ? 'auto, not told' : 'auto'}${extended ? ' ext.' : ''}`}
      why={control.why}
      bands={bands}
      marks={marks}
      description={detailAt(bands, click)}
      height={height}
      onChange={control.set}
      onRelease={control.release}
      onGrab={control.grab}
      onTap={control.tap}
      isActive={isActive}
    />
  );
}

function CompTape({ range, height }: { range: ClickRange; height: number }) {
  const click = useStore(fieldStore, (s) => s.settings.compClicks);
  const isActive = useStore(fieldStore, (s) => s.activeTape === 'comp');
  const step = useStore(fieldStore, (s) => s.preferences.compStepClicks);
  const bands = useValue(compBandsNow);
  // A picture that is cut off at white does not tell how much brighter the scene is.
  const readsRaw = useStore(fieldStore, (s) => s.capabilities?.readsRaw ?? false);
  // Where the camera moves nothing, Comp only moves what the meter aims at.
  const onlyMeter = useStore(
    fieldStore,
    (s) => s.capabilities !== null && !cameraMoves(s.settings, s.capabilities),
  );
  return (
    <Tape
      scale={COMP_SCALE}
      range={range}
      click={Math.min(range.max, Math.max(range.min, click))}
      held={click !== 0}
      step={step}
      releasable
      atEnd={false}
      tag={onlyMeter ? 'meter' : ''}
      why={WHY_COMP}
      bands={bands}
      description={detailAt(bands, click)}
      height={height}
      onChange={setComp}
      onRelease={zeroComp}
      onGrab={grabComp}
      onTap={tapComp}
      isActive={isActive}
      cap={readsRaw ? PUSH_RIGHT : undefined}
    />
  );
}

/** Where the frames of a bracket will stand on a tape, where they stand apart. */
function useSeriesMarks(name: 'time' | 'iso'): readonly number[] | undefined {
  const foreseen = useForeseen();
  if (foreseen?.kind !== 'bracket') return undefined;
  const clicks = foreseen.frames.map((frame) => frame[name === 'time' ? 'timeClick' : 'isoClick']);
  const apart = [...new Set(clicks)];
  return apart.length > 1 ? apart : undefined;
}

/** What the bands say of a click, for those who listen. */
const detailAt = (bands: readonly Band[], click: number): string | undefined => {
  const here = bands.filter((b) => click >= b.from && click <= b.to);
  return here.length > 0 ? here.map((b) => b.detail).join(' ') : undefined;
};
