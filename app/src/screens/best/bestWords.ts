import type { RankedFrame } from '@velmo/core/rank';

/** Differences smaller than this are not seen (judgement). */
const SAME_DETAIL = 1.03;
const SAME_CLIPPED = 0.0005;
const SEEN_SMEAR = 1.25;
const SAME_NOISE = 1.15;

/** "0.2 %", "under 0.01 %". */
export function shareWords(share: number): string {
  if (share === 0) return '0 %';
  const percent = 100 * share;
  return percent < 0.01 ? 'under 0.01 %' : `${Number(percent.toPrecision(2))} %`;
}

const timesWords = (times: number): string => `${times.toFixed(times < 1.95 ? 2 : 1)} times`;

/** What speaks for and against a frame beside another: "0.2 % more clipped", "noise 1.3 times". */
function besides(one: RankedFrame, other: RankedFrame): string[] {
  const clipped = one.clipped - other.clipped;
  const noise = one.noise / other.noise;
  return [
    ...(Math.abs(clipped) > SAME_CLIPPED
      ? [`${shareWords(Math.abs(clipped))} ${clipped > 0 ? 'more' : 'less'} clipped`]
      : []),
    ...(noise > SAME_NOISE ? [`noise ${timesWords(noise)}`] : []),
    ...(noise < 1 / SAME_NOISE ? [`noise ${timesWords(1 / noise)} less`] : []),
  ];
}

/** Why the first stands first: "Sharpest: 1.40 times the next; 0.2 % more clipped." */
export function firstWords([first, next]: readonly RankedFrame[]): string {
  if (!next) return 'The only one with a raw.';
  const times = next.detail > 0 ? first.detail / next.detail : Infinity;
  const beside = besides(first, next);
  const reason =
    times === Infinity
      ? 'The only one with detail'
      : times >= SAME_DETAIL
        ? `Sharpest: ${timesWords(times)} the next`
        : times > 1 / SAME_DETAIL
          ? 'As sharp as the next'
          : `Less sharp than the next, ${timesWords(1 / times)}`;
  return `${[reason, ...beside].join('; ')}.`;
}

/**
 * What another lacks against the first: "71 % of the first’s detail; smeared 1.6 times one way."
 */
export function laterWords(one: RankedFrame, first: RankedFrame): string {
  const detail = first.detail > 0 ? one.detail / first.detail : 1;
  const reason =
    detail === 0
      ? 'Black or clipped nearly everywhere'
      : `${Math.round(100 * detail)} % of the first’s detail`;
  const smear = one.smear >= SEEN_SMEAR && Number.isFinite(one.smear);
  return `${[
    reason,
    ...(smear ? [`smeared ${timesWords(one.smear)} one way`] : []),
    ...besides(one, first),
  ].join('; ')}.`;
}

/** Its figures: "detail 100 · smear 1.0 · clipped 0.2 % · noise 1/38 of the light". */
export const figuresWords = ({ detail, smear, clipped, noise }: RankedFrame): string =>
  [
    `detail ${Math.round(100 * detail)}`,
    `smear ${Number.isFinite(smear) ? smear.toFixed(1) : 'not known'}`,
    `clipped ${shareWords(clipped)}`,
    `noise ${noise > 0 && Number.isFinite(noise) ? `1/${Math.max(1, Math.round(1 / noise))} of the light` : 'not known'}`,
  ].join(' · ');
