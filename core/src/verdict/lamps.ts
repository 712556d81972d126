import { timeSFromClick } from '../exposure/clicks';
import { nominalTime } from '../exposure/nominal';
import { BANDING_LIMIT, bandingContrast } from '../optics/lampPulse';
import type { Repair, Rule, VerdictInput } from './finding';
import { retime } from './repairs';

/** Farthest time looked at for a way out, in clicks either way. */
const REACH_CLICKS = 18;

/** The nearest time that does not stripe and that ISO can make up for. */
function nearestClean(input: VerdictInput, clean: (click: number) => boolean): Repair[] {
  const time = Math.round(input.solution.timeClick);
  for (let n = 1; n <= REACH_CLICKS; n++)
    for (const click of [time - n, time + n]) {
      const repair = clean(click) ? retime(input, click) : [];
      if (repair.length > 0) return repair;
    }
  return [];
}

/** Pulsing lamps stripe the picture at this time. */
export const lamps: Rule = (input) => {
  const known = input.context.lamps;
  if (!known) return null;
  const clean = (click: number): boolean =>
    bandingContrast(timeSFromClick(click), known.mainsHz, known.modulation) <= BANDING_LIMIT;
  const time = Math.round(input.solution.timeClick);
  if (clean(time)) return null;
  return {
    id: 'lamps',
    weight: 45,
    text: `Lamps on ${known.mainsHz} Hz band at ${nominalTime(time)} s.`,
    repairs: nearestClean(input, clean),
  };
};
