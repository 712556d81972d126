import type { ClickRange } from '@velmo/core/exposure';
import { AUTO, COMP_CLICKS, held } from '@velmo/core/settings';
import type { Readings } from '../../camera/CameraDevice';
import { COMP_SCALE, ISO_SCALE, TIME_SCALE, type TapeScale } from '../../instruments/tapeScale';
import { Tape } from '../../instruments/Tape';
import { useStore } from '../../state/store';
import { changeSettings } from './fieldSession';
import { fieldStore, readingsStore } from './fieldState';

/** What belongs to each of the two tapes the camera can move. */
const TIME = exposureControl('time', TIME_SCALE, (r) => r.timeClick);
const ISO = exposureControl('iso', ISO_SCALE, (r) => r.isoClick);

function exposureControl(
  name: 'time' | 'iso',
  scale: TapeScale,
  clickOf: (readings: Readings) => number | null,
) {
  return {
    name,
    scale,
    reported: (readings: Readings | null) => (readings ? clickOf(readings) : null),
    set: (click: number): void => changeSettings((s) => ({ ...s, [name]: held(click) })),
    release: (): void => changeSettings((s) => ({ ...s, [name]: AUTO })),
  };
}

const setComp = (compClicks: number): void => changeSettings((s) => ({ ...s, compClicks }));
const zeroComp = (): void => setComp(0);

/** The tapes the camera at hand has; what it cannot be told is said in words by `DeviceDecides`. */
export function Tapes() {
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  if (!capabilities) return null;
  const { time, iso, compensation, baseIsoClick } = capabilities;
  return (
    <>
      {time && <ExposureTape control={TIME} range={time} extendedBelow={null} />}
      {iso && <ExposureTape control={ISO} range={iso} extendedBelow={baseIsoClick} />}
      {compensation && <CompTape />}
    </>
  );
}

interface ExposureTapeProps {
  readonly control: typeof TIME;
  readonly range: ClickRange;
  /** Clicks below this are extended ISO; null: none are. */
  readonly extendedBelow: number | null;
}

function ExposureTape({ control, range, extendedBelow }: ExposureTapeProps) {
  const hold = useStore(fieldStore, (s) => s.settings[control.name]);
  const reported = useStore(readingsStore, control.reported);
  const outOfRange = useStore(readingsStore, (r) => r?.outOfRange ?? false);
  const isHeld = hold.mode === 'set';
  const wanted = isHeld ? hold.click : (reported ?? range.min);
  const click = Math.min(range.max, Math.max(range.min, wanted));
  const extended = extendedBelow !== null && click < extendedBelow;
  return (
    <Tape
      scale={control.scale}
      range={range}
      click={click}
      held={isHeld}
      releasable
      atEnd={!isHeld && outOfRange}
      tag={`${isHeld ? 'set' : 'auto'}${extended ? ' ext.' : ''}`}
      onChange={control.set}
      onRelease={control.release}
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
