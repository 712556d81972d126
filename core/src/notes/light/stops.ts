import { CLICKS_PER_STOP } from '../../exposure/clicks';
import { nominalTime } from '../../exposure/nominal';
import { formatSignedThirds, formatStops } from '../../exposure/thirds';
import { place, stretch } from '../figure';
import type { Note } from '../note';
import { shutterScale, timesWords } from '../scales';

const FROM = -18;

/** Doubling and halving. */
export const stops: Note = {
  id: 'stops',
  title: 'Stops and thirds',
  text: [
    'A stop is a doubling or a halving of light. It is the same step whether it comes from time, ISO, a filter or the weather, so all of them can be added up.',
    'Every tape of Velmo clicks in thirds of a stop. Three clicks on Time double the light, three on ISO undo it. The engraved numbers are rounded so that people can remember them: 1/125 s is really 1/128 s, and 1/60 s is 1/64 s.',
    'Move the shutter and watch how far the light goes from where it was at 1/60 s.',
  ],
  source: 'APEX: Exif 3.0 (CIPA DC-008), annex on APEX. Engraved values: common practice.',
  figure: {
    scales: [shutterScale({ min: -33, max: 0, start: -21 })],
    ladder: {
      low: -5,
      high: 6,
      every: 1,
      engrave: (value) => formatSignedThirds(CLICKS_PER_STOP * value),
      unit: 'stops from the light of 1/60 s',
    },
    read(click) {
      const clicks = click - FROM;
      const at = clicks / CLICKS_PER_STOP;
      const factor = 2 ** Math.abs(at);
      const says =
        clicks === 0
          ? '1/60 s: the light it is compared with.'
          : `${nominalTime(click)} s lets in ${clicks > 0 ? timesWords(factor) : `1/${Number(factor.toFixed(factor < 9.95 ? 1 : 0))} of`} the light of 1/60 s: ${formatStops(clicks)} ${clicks > 0 ? 'more' : 'less'}.`;
      return {
        marks: [place('from', 0), stretch(`${nominalTime(click)} s`, 0, at, 'good')],
        says,
      };
    },
  },
  setUp: 'scene=packing-bench&time=1/60&iso=400',
};
