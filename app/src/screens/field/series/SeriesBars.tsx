import { CLICKS_PER_STOP, formatStops } from '@velmo/core/exposure';
import { LadderBars } from '../../../instruments/ladder/LadderBars';
import { useStore } from '../../../state/store';
import { readingsStore } from '../session/fieldState';
import { useForeseen } from './useForeseen';

/** Tenths of a stop are as fine as a bar is drawn. */
const tenths = (stops: number): number => Math.round(10 * stops) / 10;

/** Beside the ladder: what each frame of a bracket will hold, against the scene's own histogram. */
export function SeriesBars({ height }: { height: number }) {
  const foreseen = useForeseen();
  const clip = useStore(readingsStore, (r) => tenths(r?.clipStops ?? 0));
  const floor = useStore(readingsStore, (r) => tenths(r?.floorStops ?? 0));
  if (foreseen?.kind !== 'bracket') return null;
  const bars = foreseen.frames
    .map(({ biasClicks }) => biasClicks / CLICKS_PER_STOP)
    .sort((a, b) => a - b)
    .map((bias) => ({ clipStops: clip - bias, floorStops: floor - bias }));
  const whole = bars[0].clipStops - bars.at(-1)!.floorStops;
  const label = `${bars.length} frames hold ${formatStops(Math.round(whole * CLICKS_PER_STOP))} of light`;
  return <LadderBars bars={bars} height={height} label={label} />;
}
