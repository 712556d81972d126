import { formatSignedThirds } from '@velmo/core/exposure';
import { distanceOf, flashStops, formatDistance } from '@velmo/core/optics';
import { LadderNote } from '../../instruments/LadderNote';
import { useStore } from '../../state/store';
import { fieldStore, readingsStore } from './session/fieldState';

/** Thirds of a stop are as fine as it is told. */
const thirds = (stops: number): number => Math.round(3 * stops) / 3;

/** What the flash alone makes of a grey card where focus stands, as JSON; '': nothing to show. */
function foreseenFlash(): string {
  const { settings, capabilities } = fieldStore.get();
  if (settings.flash === 'off') return '';
  const readings = readingsStore.get();
  const flash = capabilities?.exposureContext(settings, readings).flash;
  if (!flash || !readings?.focus || readings.isoClick === null) return '';
  const distanceM = distanceOf(readings.focus.dioptres);
  if (!(distanceM > 0) || distanceM === Infinity) return '';
  const { isoClick } = readings;
  const shot = { ...flash, isoClick, filterStops: settings.filterStops };
  return JSON.stringify({ stops: thirds(flashStops(shot, distanceM)), distanceM });
}

/** On the ladder: where a grey card at the distance in focus comes to lie by the flash alone. */
export function FlashOnLadder({ height }: { height: number }) {
  useStore(fieldStore, foreseenFlash);
  const text = useStore(readingsStore, foreseenFlash);
  const unit = useStore(fieldStore, (s) => s.preferences.focusing.unit);
  if (text === '') return null;
  const { stops, distanceM } = JSON.parse(text) as { stops: number; distanceM: number };
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
