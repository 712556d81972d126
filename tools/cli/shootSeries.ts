import { randomUUID } from 'node:crypto';
import {
  clickFromTimeS,
  CLICKS_PER_STOP,
  isoFromClick,
  timeSFromClick,
} from '@velmo/core/exposure';
import { circleOfConfusionMm, findLens } from '@velmo/core/optics';
import { RawGatherer } from '@velmo/core/sensor';
import {
  planOf,
  sharpHalfWidth,
  stepsOf,
  type HeldExposure,
  type Series,
  type SeriesOf,
} from '@velmo/core/series';
import { DEFAULT_SETTINGS } from '@velmo/core/settings';
import {
  bandRows,
  encodeRawBand,
  exposeBand,
  longFlash,
  planSimulated,
  READOUT_S,
  SIMULATED_BASE_ISO_CLICK,
  SIMULATED_ISO,
  SIMULATED_TIME,
  StillLight,
  type CapturedBand,
  type SimulatedPlan,
  type SimulatedShot,
} from '@velmo/core/simulate';

/** The shots of a series, with scene time passing between them as before a sensor. */
export function* shotsOf(shot: SimulatedShot, series: Series): Generator<SimulatedShot> {
  const lens = findLens(shot.lensId)!;
  const about: HeldExposure = {
    timeClick: clickFromTimeS(shot.timeS),
    isoClick: shot.isoClick,
    white: shot.white,
    focusDioptres: shot.focusDioptres,
  };
  const steps = stepsOf(
    planOf({ ...DEFAULT_SETTINGS, series }, { focusFirst: false, averages: false }),
    about,
    {
      ranges: {
        time: SIMULATED_TIME,
        iso: { ...SIMULATED_ISO, min: SIMULATED_BASE_ISO_CLICK },
      },
      sharpHalfWidth: sharpHalfWidth(lens, circleOfConfusionMm(lens, shot.crop)),
    },
  );
  const id = randomUUID();
  let startS = shot.startS;
  for (const [step, { moves, biasClicks, dueS }] of steps.entries()) {
    const { timeClick, isoClick, focusDioptres } = { ...about, ...moves };
    startS = Math.max(startS, shot.startS + dueS);
    const timeS = timeSFromClick(timeClick);
    const passedMs = Math.round(1000 * (startS - shot.startS));
    yield {
      ...shot,
      timeS,
      isoClick,
      focusDioptres,
      compClicks: biasClicks,
      seed: shot.seed + step,
      startS,
      capturedAt: { ...shot.capturedAt, epochMs: shot.capturedAt.epochMs + passedMs },
      series:
        series.kind === 'single' ? null : { id, kind: series.kind, step, count: steps.length },
    };
    startS += timeS + READOUT_S;
  }
}

/** What one line of output says of a frame. */
export const lineOf = (shot: SimulatedShot, file: string) => ({
  file,
  ...(shot.series && {
    frame: shot.series.step + 1,
    frames: shot.series.count,
    series: shot.series.kind,
  }),
  ...(shot.gathered && { series: 'long', ...shot.gathered }),
  timeS: shot.timeS,
  iso: isoFromClick(shot.isoClick),
  biasStops: shot.compClicks / CLICKS_PER_STOP,
  focusDioptres: shot.focusDioptres,
  startS: shot.startS,
});

/** A long exposure: as many frames as a sensor reads out in the time, gathered into one. */
export function gatheredBands(
  shot: SimulatedShot,
  { totalS, gather }: SeriesOf<'long'>,
): { plan: SimulatedPlan; bands: CapturedBand[] } {
  const apartS = shot.timeS + READOUT_S;
  const frames = Math.max(1, Math.ceil(totalS / apartS));
  const periodS = (frames - 1) * apartS + shot.timeS;
  const plan = planSimulated({ ...shot, gathered: { gather, frames, periodS } });
  const still = new StillLight();
  const bands = Array.from({ length: plan.bands }, (_, band) => {
    const gatherer = new RawGatherer(gather, plan.width * bandRows(plan, band));
    for (let k = 0; k < frames; k++) {
      const flash = longFlash(shot.flash, k === 0, k === frames - 1);
      const one = { ...shot, flash, startS: shot.startS + k * apartS, seed: shot.seed + k };
      gatherer.add(exposeBand(planSimulated(one), band, undefined, still));
    }
    return encodeRawBand(plan, band, gatherer.raw());
  });
  return { plan, bands };
}
