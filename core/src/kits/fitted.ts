import { clampClick, type ClickRange } from '../exposure/solver';
import { held, type ExposureControl, type Settings } from '../settings/settings';
import type { KitCamera } from './kitCamera';

/** Part of the settings that a camera can be given, from what is wanted and what there is. */
type Fit = (wanted: Settings, now: Settings, camera: KitCamera) => Partial<Settings>;

function control(
  wanted: ExposureControl,
  now: ExposureControl,
  range: ClickRange | null,
): ExposureControl {
  if (!range) return now;
  return wanted.mode === 'held' ? held(clampClick(wanted.click, range)) : wanted;
}

const exposure: Fit = (wanted, now, { time, iso, compensation, meterPatterns }) => ({
  time: control(wanted.time, now.time, time),
  iso: control(wanted.iso, now.iso, iso),
  compClicks: compensation ? clampClick(wanted.compClicks, compensation) : now.compClicks,
  meter: meterPatterns.includes(wanted.meter.pattern) ? wanted.meter : now.meter,
});

const rig: Fit = (wanted, now, { lenses, hasRig, zoomMax, hasTorch, flash }) => {
  const lens =
    hasRig && lenses.some(({ id }) => id === wanted.lens)
      ? { lens: wanted.lens, crop: wanted.crop }
      : { lens: now.lens, crop: zoomMax === null ? now.crop : Math.min(wanted.crop, zoomMax) };
  const { support, stabiliserStops, filterStops, subject } = hasRig ? wanted : now;
  return {
    ...lens,
    support,
    stabiliserStops,
    filterStops,
    subject,
    torch: hasTorch ? wanted.torch : now.torch,
    flash: wanted.flash === 'off' || flash.includes(wanted.flash) ? wanted.flash : now.flash,
  };
};

/** After the rig: how focus moves depends on the lens. */
const focus: Fit = (wanted, now, camera) => {
  if (wanted.focus.mode === 'auto') return {};
  const control = camera.focus(wanted);
  if (!control?.range) return { focus: now.focus };
  const { range, clickOf, dioptresOf } = control;
  const { dioptres } = wanted.focus;
  const click = clickOf(dioptres);
  return click >= range.min && click <= range.max
    ? {}
    : { focus: { mode: 'held', dioptres: dioptresOf(clampClick(click, range)) } };
};

const white: Fit = (wanted, now, { white: offered }) => {
  if (!offered) return { white: now.white };
  if (wanted.white.mode === 'auto') return {};
  const { kelvin, tint } = wanted.white;
  return {
    white: {
      mode: 'held',
      kelvin: clampClick(kelvin, offered.kelvin),
      tint: offered.tint ? tint : 0,
    },
  };
};

const files: Fit = (wanted, now, { fileKinds, sizesMp, averages, hasAspect }) => ({
  files: fileKinds.includes(wanted.files) ? wanted.files : now.files,
  sizeMp: sizesMp.includes(wanted.sizeMp) ? wanted.sizeMp : now.sizeMp,
  average: averages ? wanted.average : now.average,
  aspect: hasAspect ? wanted.aspect : now.aspect,
});

/** Focus steps between two ends need a lens that is known, and one that moves. */
const series: Fit = (wanted, now, camera) => {
  const { kind } = wanted.series;
  if (!camera.series.includes(kind)) return { series: now.series };
  if (kind !== 'focus' || wanted.series.places) return {};
  return camera.focus(wanted)?.sharpHalfWidth == null ? { series: now.series } : {};
};

const FITS: readonly Fit[] = [rig, exposure, focus, white, files, series];

/**
 * The settings wanted, as far as a camera can be given them: values past the end of a range at its
 * end, what it does not offer as it was.
 */
export const fitted = (wanted: Settings, now: Settings, camera: KitCamera): Settings =>
  FITS.reduce<Settings>((so, fit) => ({ ...so, ...fit(so, now, camera) }), wanted);
