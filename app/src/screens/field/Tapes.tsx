import { AUTO, COMP_CLICKS, held } from '@velmo/core/settings';
import type { Readings } from '../../camera/CameraDevice';
import { COMP_SCALE, ISO_SCALE, TIME_SCALE } from '../../instruments/tapeScale';
import { Tape } from '../../instruments/Tape';
import { useStore } from '../../state/store';
import { changeSettings } from './fieldSession';
import { fieldStore, readingsStore } from './fieldState';

const setTime = (click: number): void => changeSettings((s) => ({ ...s, time: held(click) }));
const setIso = (click: number): void => changeSettings((s) => ({ ...s, iso: held(click) }));
const setComp = (compClicks: number): void => changeSettings((s) => ({ ...s, compClicks }));
const freeTime = (): void => changeSettings((s) => ({ ...s, time: AUTO }));
const freeIso = (): void => changeSettings((s) => ({ ...s, iso: AUTO }));
const zeroComp = (): void => setComp(0);

const timeOf = (r: Readings | null): number | null => r?.timeClick ?? null;
const isoOf = (r: Readings | null): number | null => r?.isoClick ?? null;

/** The tapes the camera at hand has; what it cannot be told is said in words by `DeviceDecides`. */
export function Tapes() {
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  if (!capabilities) return null;
  return (
    <>
      {capabilities.time && <TimeTape range={capabilities.time} />}
      {capabilities.iso && (
        <IsoTape range={capabilities.iso} baseIsoClick={capabilities.baseIsoClick} />
      )}
      {capabilities.compensation && <CompTape />}
    </>
  );
}

interface Range {
  readonly min: number;
  readonly max: number;
}

function TimeTape({ range }: { range: Range }) {
  const hold = useStore(fieldStore, (s) => s.settings.time);
  const reported = useStore(readingsStore, timeOf);
  const outOfRange = useStore(readingsStore, (r) => r?.outOfRange ?? false);
  const isHeld = hold.mode === 'set';
  const click = clampTo(range, isHeld ? hold.click : (reported ?? range.min));
  return (
    <Tape
      scale={TIME_SCALE}
      range={range}
      click={click}
      held={isHeld}
      releasable
      atEnd={!isHeld && outOfRange}
      tag={isHeld ? 'set' : 'auto'}
      onChange={setTime}
      onRelease={freeTime}
    />
  );
}

function IsoTape({ range, baseIsoClick }: { range: Range; baseIsoClick: number | null }) {
  const hold = useStore(fieldStore, (s) => s.settings.iso);
  const reported = useStore(readingsStore, isoOf);
  const outOfRange = useStore(readingsStore, (r) => r?.outOfRange ?? false);
  const isHeld = hold.mode === 'set';
  const click = clampTo(range, isHeld ? hold.click : (reported ?? range.min));
  const extended = baseIsoClick !== null && click < baseIsoClick;
  return (
    <Tape
      scale={ISO_SCALE}
      range={range}
      click={click}
      held={isHeld}
      releasable
      atEnd={!isHeld && outOfRange}
      tag={`${isHeld ? 'set' : 'auto'}${extended ? ' ext.' : ''}`}
      onChange={setIso}
      onRelease={freeIso}
    />
  );
}

function CompTape() {
  const click = useStore(fieldStore, (s) => s.settings.compClicks);
  const bothHeld = useStore(
    fieldStore,
    (s) => s.settings.time.mode === 'set' && s.settings.iso.mode === 'set',
  );
  return (
    <Tape
      scale={COMP_SCALE}
      range={COMP_CLICKS}
      click={click}
      held={click !== 0}
      releasable
      atEnd={false}
      tag={bothHeld ? 'meter' : ''}
      onChange={setComp}
      onRelease={zeroComp}
    />
  );
}

const clampTo = (range: Range, click: number): number =>
  Math.min(range.max, Math.max(range.min, click));
