import { nominalKelvin } from '@velmo/core/colour';
import { formatSignedThirds, nominalIso, nominalTime } from '@velmo/core/exposure';
import type { Settings } from '@velmo/core/settings';
import type { RefusedControls } from '../../../camera/browser/track/trackApplier';

type Control = RefusedControls['controls'][number];

/** Settings with what was refused as it was before. */
export function rolledBack(now: Settings, { controls, followed }: RefusedControls): Settings {
  const back: Partial<Settings> = {};
  for (const control of controls) Object.assign(back, PARTS[control](followed));
  return { ...now, ...back };
}

const PARTS: Readonly<Record<Control, (from: Settings) => Partial<Settings>>> = {
  time: ({ time }) => ({ time }),
  iso: ({ iso }) => ({ iso }),
  comp: ({ compClicks }) => ({ compClicks }),
  focus: ({ focus }) => ({ focus }),
  white: ({ white }) => ({ white }),
  zoom: ({ crop }) => ({ crop }),
  torch: ({ torch }) => ({ torch }),
};

const NAMES: Readonly<Record<Control, string>> = {
  time: 'Time',
  iso: 'ISO',
  comp: 'Comp',
  focus: 'Focus',
  white: 'White',
  zoom: 'Zoom',
  torch: 'The torch',
};

/** A control's value in words. */
const VALUES: Readonly<Record<Control, (s: Settings) => string>> = {
  time: ({ time }) => (time.mode === 'held' ? `${nominalTime(time.click)} s` : 'auto'),
  iso: ({ iso }) => (iso.mode === 'held' ? `ISO ${nominalIso(iso.click)}` : 'auto'),
  comp: ({ compClicks }) => `Comp ${formatSignedThirds(compClicks)}`,
  focus: ({ focus }) => (focus.mode === 'held' ? 'that focus' : 'auto'),
  white: ({ white }) => (white.mode === 'held' ? `${nominalKelvin(white.kelvin)} K` : 'auto'),
  zoom: ({ crop }) => `${crop.toFixed(1)}×`,
  torch: ({ torch }) => (torch ? 'on' : 'off'),
};

/** What a camera did not do, where that leaves the tape, and what the camera says it does. */
export function refusedWords({ controls, wanted, followed, reported }: RefusedControls): string {
  const asked = controls.map((control) => VALUES[control](wanted)).join(' and ');
  const back = controls.map((c) => `${NAMES[c]} is back at ${VALUES[c](followed)}`).join(', ');
  return `The camera did not take ${asked}: ${back}.${reportedWords(controls[0], reported)}`;
}

function reportedWords(
  control: Control,
  { timeClick, isoClick }: RefusedControls['reported'],
): string {
  if (control === 'time' && timeClick !== null) return ` It reports ${nominalTime(timeClick)} s.`;
  if (control === 'iso' && isoClick !== null) return ` It reports ISO ${nominalIso(isoClick)}.`;
  return '';
}
