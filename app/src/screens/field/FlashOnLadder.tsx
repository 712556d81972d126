import { formatSignedThirds } from '@velmo/core/exposure';
import { distanceOf, flashStops, formatDistance } from '@velmo/core/optics';
import { LadderNote } from '../../instruments/ladder/LadderNote';
import { derivedStore } from '../../state/derivedStore';
import { useStore, useValue } from '../../state/store';
import { fieldStore, readingsStore } from './session/fieldState';

/** Thirds of a stop are as fine as it is told. */
const thirds = (stops: number): number => Math.round(3 * stops) / 3;

interface FlashPlace {
  /** From mid-grey. */
  readonly stops: number;
  readonly distanceM: number;
}

/** What the flash alone makes of a grey card where focus stands, null: nothing to show. */
function foreseenFlash(): FlashPlace | null {
  const { settings, capabilities } = fieldStore.get();
  if (settings.flash === 'off') return null;
  const readings = readingsStore.get();
  const flash = capabilities?.exposureContext(settings, readings).flash;
  if (!flash || !readings?.focus || readings.isoClick === null) return null;
  const distanceM = distanceOf(readings.focus.dioptres);
  if (!(distanceM > 0) || distanceM === Infinity) return null;
  const { isoClick } = readings;
  const shot = { ...flash, isoClick, filterStops: settings.filterStops };
  return { stops: thirds(flashStops(shot, distanceM)), distanceM };
}

const flashNow = derivedStore(
  [fieldStore, readingsStore],
  () => {
    const { settings, capabilities } = fieldStore.get();
    const { focus, isoClick } = readingsStore.get() ?? {};
    return [settings, capabilities, focus?.dioptres, isoClick];
  },
  foreseenFlash,
);

/** On the ladder: where a grey card at the distance in focus comes to lie by the flash alone. */
export function FlashOnLadder({ height }: { height: number }) {
  const flash = useValue(flashNow);
  const unit = useStore(fieldStore, (s) => s.preferences.focusing.unit);
  if (!flash) return null;
  const { stops, distanceM } = flash;
  const distance = formatDistance(distanceM, unit);
  return (
    <LadderNote
      stops={stops}
      height={height}
      label="flash"
      name={`By the flash alone a grey card at ${distance} lies at ${formatSignedThirds(Math.round(3 * stops))} stops`}
    />
  );
}
