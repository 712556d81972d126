import { timeSFromClick } from '../exposure/clicks';
import { BANDING_LIMIT, bandingContrast } from '../optics/lampPulse';
import { stretches, type BandRule } from './band';

/** Times at which pulsing lamps stripe the picture. */
export const timeLamps: BandRule = ({ lamps }, range) => {
  if (!lamps) return [];
  const { mainsHz, modulation } = lamps;
  const striped = (click: number): boolean =>
    bandingContrast(timeSFromClick(click), mainsHz, modulation) > BANDING_LIMIT;
  return stretches(range, striped).map(({ from, to }) => ({
    id: 'lamps',
    from,
    to,
    label: 'lamps band',
    detail: `Lamps on ${mainsHz} Hz pulse ${2 * mainsHz} times a second: whole multiples of 1/${2 * mainsHz} s do not band.`,
    weight: 'caution',
  }));
};
