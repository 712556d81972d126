import { bandingContrast, BANDING_LIMIT } from '../../optics/lampPulse';
import { smearPx } from '../../optics/smear';
import { TRAIL_LIMIT_PX, trailPx } from '../../optics/skyTrail';
import { pixelAngleRad } from '../../optics/zoom';
import { fastestSky } from '../../scene/fastestSky';
import { begun, LOST, type Criterion } from '../criterion';
import type { FrameLook } from '../frameLook';
import type { Region } from '../region';
import { stopWords } from './exposure';

const pixels = (px: number): string =>
  `${px < 10 ? px.toFixed(1) : Math.round(px)} pixel${px === 1 ? '' : 's'}`;

const over = (value: number, limit: number): number => Math.max(0, Math.log2(value / limit));

/**
 * Blur of a 12 MP file that nobody sees: the circle of confusion of 0.030 mm on 36 x 24 mm (common
 * practice) is 3.5 of its pixels.
 */
export const SHARP_PX = 3.5;

/** Pixels of a 12 MP file to one of this frame's. */
const scaleOf = ({ plan }: FrameLook): number => plan.binning;

/** A region is to be sharp, by what is measured of its blur in the raw. */
export const sharp = (region: Region): Criterion => ({
  id: `sharpness of ${region.name}`,
  region,
  weight: LOST,
  by: 'focus',
  loss: (frame) => over(frame.look(region).blurPx * scaleOf(frame), SHARP_PX),
  says: (frame, lost) =>
    `${begun(region.name)} blurs over ${pixels(frame.look(region).blurPx * scaleOf(frame))} of 12 MP: ${stopWords(lost)} too much.`,
});

/** Something that moves at a known speed across the picture. */
export interface Mover {
  readonly name: string;
  readonly speedMS: number;
  readonly distanceM: number;
}

const movedPx = ({ plan }: FrameLook, { speedMS, distanceM }: Mover): number =>
  smearPx(speedMS, distanceM, plan.shot.timeS, pixelAngleRad(plan.lens, 1));

/** What moves is to stand still: no more than so many pixels of 12 MP, by its known speed. */
export const frozen = (mover: Mover, px: number): Criterion => ({
  id: `motion of ${mover.name}`,
  region: null,
  weight: LOST,
  loss: (frame) => over(movedPx(frame, mover), px),
  says: (frame, lost) =>
    `${begun(mover.name)} moves by ${pixels(movedPx(frame, mover))}: open ${stopWords(lost)} too long.`,
});

/** What moves is to flow: at least so many pixels. */
export const flowing = (mover: Mover, px: number): Criterion => ({
  id: `flow of ${mover.name}`,
  region: null,
  weight: LOST,
  loss: (frame) => over(px, movedPx(frame, mover)),
  says: (frame, lost) =>
    `${begun(mover.name)} moves by no more than ${pixels(movedPx(frame, mover))}: open ${stopWords(lost)} too short.`,
});

/** Pixels of 12 MP that the fastest star in the picture trails by. */
function starTrailPx({ plan }: FrameLook): number {
  const { scene, framing, lens, shot } = plan;
  const cos = fastestSky(scene, framing) ?? 1;
  return trailPx(shot.timeS, cos, pixelAngleRad(lens, 1));
}

/** Stars are to be points at 100 %. */
export const points: Criterion = {
  id: 'trails of the stars',
  region: null,
  weight: LOST,
  loss: (frame) => over(starTrailPx(frame), TRAIL_LIMIT_PX),
  says: (frame, lost) =>
    `Stars trail by ${pixels(starTrailPx(frame))}: open ${stopWords(lost)} too long.`,
};

const stripes = ({ plan: { shot, scene } }: FrameLook): number =>
  bandingContrast(shot.timeS, shot.mainsHz, scene.lampModulation ?? 0);

/** Lamps on the mains are to leave no stripes. */
export const unstriped: Criterion = {
  id: 'stripes of the lamp',
  region: null,
  weight: LOST,
  loss: (frame) => over(stripes(frame), BANDING_LIMIT),
  says: (frame) =>
    `The lamp stripes the picture by ${(100 * stripes(frame)).toFixed(0)} %: no whole number of its pulses fits into the time.`,
};
