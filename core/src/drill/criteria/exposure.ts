import { CLICKS_PER_STOP, isoFromClick } from '../../exposure/clicks';
import { nominalIso } from '../../exposure/nominal';
import { formatStops } from '../../exposure/thirds';
import { midGreyShare } from '../../sensor/sensorModel';
import { begun, LOST, NOISY, type Criterion } from '../criterion';
import type { FrameLook } from '../frameLook';
import type { Region } from '../region';
import { snrOf } from '../regionReading';

/** Stops in words, to the nearest click, never none. */
export const stopWords = (stops: number): string =>
  formatStops(Math.max(1, Math.round(Math.abs(stops) * CLICKS_PER_STOP)));

/** Half a click: no tape could put it nearer. */
const NEAR_STOPS = 0.5 / CLICKS_PER_STOP;

const toneOf = (region: Region, { plan, look }: FrameLook): number => {
  const [, green] = look(region).reading.mean;
  return Math.log2(Math.max(1e-9, green) / midGreyShare(plan.lens.sensor, plan.iso));
};

/** A region is to stand so many stops from mid-grey (the ladder's scale). */
export const tone = (region: Region, stops: number): Criterion => ({
  id: `tone of ${region.name}`,
  region,
  weight: LOST,
  loss: (frame) => Math.max(0, Math.abs(toneOf(region, frame) - stops) - NEAR_STOPS),
  says(frame, lost) {
    const off = toneOf(region, frame) - stops;
    return `${begun(region.name)} is ${stopWords(lost + NEAR_STOPS)} too ${off > 0 ? 'bright' : 'dark'}.`;
  },
});

/** A region is to keep its texture: no more than specks of it clip. */
export const unclipped = (region: Region): Criterion => ({
  id: `clipping of ${region.name}`,
  region,
  weight: LOST,
  loss: ({ look }) => Math.max(0, look(region).reading.overStops),
  says({ look }, lost) {
    const share = 100 * look(region).reading.clippedShare;
    return `${begun(region.name)} clips over ${share.toFixed(share < 10 ? 1 : 0)} %: ${stopWords(lost)} too much light.`;
  },
});

/**
 * A region is to be as clean as it can be, in doublings of SNR. Where photons alone make noise, it
 * doubles with two stops of light, in the depths with one (EMVA 1288).
 *
 * @param enough SNR from which on no more is asked for; null: there is no end
 */
export const clean = (region: Region, enough: number | null = null): Criterion => ({
  id: `noise of ${region.name}`,
  region,
  weight: NOISY,
  loss({ look }) {
    const doublings = -Math.log2(Math.max(1e-3, snrOf(look(region).reading) / (enough ?? 1)));
    return enough === null ? doublings : Math.max(0, doublings);
  },
  says({ look }, lost) {
    const snr = snrOf(look(region).reading);
    return `${begun(region.name)} has SNR ${ratio(snr)} of ${ratio(snr * 2 ** lost)}: up to ${stopWords(2 * lost)} of light left.`;
  },
});

const ratio = (snr: number): string => snr.toFixed(snr < 10 ? 1 : 0);

/** No more than this ISO. */
export const isoAtMost = (isoClick: number): Criterion => ({
  id: 'ISO',
  region: null,
  weight: LOST,
  loss: ({ plan }) => Math.max(0, Math.log2(plan.iso / isoFromClick(isoClick))),
  says: ({ plan }, lost) =>
    `ISO ${Math.round(plan.iso)} is ${stopWords(lost)} over the ${nominalIso(isoClick)} you were given.`,
});
