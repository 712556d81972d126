import { timeSFromClick } from '../exposure/clicks';
import { nominalTime } from '../exposure/nominal';
import { handheldTimeClick, shakePx } from '../optics/shake/shake';
import type { BandRule } from './band';

/** Times a hand cannot hold still (reciprocal rule). */
export const timeShake: BandRule = ({ optics, steady, stabiliserStops }, range) => {
  if (!optics || steady) return [];
  const limit = handheldTimeClick(optics.focalLength35Mm, stabiliserStops);
  if (limit >= range.max) return [];
  const px = shakePx(timeSFromClick(limit + 3), stabiliserStops, optics.pixelAngleRad);
  return [
    {
      id: 'shakes',
      from: Math.max(range.min, limit + 1),
      to: range.max,
      label: 'shakes',
      detail: `Hand-held at ${Math.round(optics.focalLength35Mm)} mm: sharp to ${nominalTime(limit)} s; at ${nominalTime(limit + 3)} s about ${px.toFixed(1)} px of shake.`,
      weight: 'fault',
    },
  ];
};
