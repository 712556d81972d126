import { CLICKS_PER_STOP } from '../../exposure/clicks';
import { nominalIso, nominalTime } from '../../exposure/nominal';
import { lightClicksFromEv100, solveExposure } from '../../exposure/solver';
import { formatSignedThirds } from '../../exposure/thirds';
import { handheldTimeClick } from '../../optics/shake/shake';
import { place, stretch } from '../figure';
import type { Note } from '../note';
import { choiceScale, MAIN_LENS, stopsLadder, stopsScale } from '../scales';

const HELD = ['nothing', 'Time', 'ISO', 'both'];
const EV100 = 7;
const [TIME, ISO] = [-18, 3];

/** Comp, and what is held. */
export const compensation: Note = {
  id: 'compensation',
  title: 'What Comp does with what is held',
  text: [
    'Comp says how much brighter than metered the picture is to be. It has no light of its own: it asks the tapes that you left open. With nothing held, Time and ISO share it. With Time held, ISO moves. With ISO held, Time does.',
    'With both held nothing is left to move, and Comp only shifts what the meter aims at: the difference is shown, the picture stays. That is why a camera whose ISO is held and whose shutter has run out seems to ignore compensation. The tape says so here.',
    'Hold something, turn Comp, and see which tape answers.',
  ],
  source: 'Additive system of exposure: Exif 3.0 (CIPA DC-008), annex on APEX.',
  figure: {
    scales: [
      stopsScale('Brighter by', { min: -9, max: 9, start: 3 }),
      choiceScale('Held', HELD, 1),
    ],
    ladder: stopsLadder(-4, 4),
    read(comp, held) {
      const solve = (compClicks: number) =>
        solveExposure({
          timeClick: held % 2 === 1 ? TIME : null,
          isoClick: held >= 2 ? ISO : null,
          compClicks,
          lightClicks: lightClicksFromEv100(EV100, MAIN_LENS.fNumber),
          timeRange: { min: -39, max: 15 },
          isoRange: { min: 0, max: 15 },
          baseIsoClick: 0,
          handheldTimeClick: handheldTimeClick(MAIN_LENS.focalLength35Mm),
        });
      const [before, after] = [solve(0), solve(comp)];
      const time = after.timeClick - before.timeClick;
      const iso = after.isoClick - before.isoClick;
      const moves = [
        time !== 0 && `Time goes to ${nominalTime(after.timeClick)} s`,
        iso !== 0 && `ISO to ${nominalIso(after.isoClick)}`,
      ].filter(Boolean);
      const said = moves.length > 0 ? moves.join(', ') : 'nothing moves';
      return {
        marks: [
          stretch('by Time', 0, time / CLICKS_PER_STOP, 'good'),
          stretch('by ISO', 0, iso / CLICKS_PER_STOP, 'good'),
          place('asked for', comp / CLICKS_PER_STOP, time + iso === comp ? 'plain' : 'lost'),
        ],
        says: `Held: ${HELD[held]}. Comp ${formatSignedThirds(comp)}: ${said}, the picture by ${formatSignedThirds(time + iso)}.`,
      };
    },
  },
  setUp: 'scene=packing-bench&time=1/60&iso=auto&comp=1',
};
