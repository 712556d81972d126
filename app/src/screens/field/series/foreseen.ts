import { timeSFromClick } from '@velmo/core/exposure';
import { planOf, stepsOf, type HeldExposure, type Series } from '@velmo/core/series';
import { steppedCamera } from '../../../camera/device/steppedCamera';
import { bytesOfFrame } from '../words/fileWords';
import { fieldStore, readingsStore } from '../session/fieldState';

/** One frame as it would be made now. */
export interface ForeseenFrame {
  readonly biasClicks: number;
  readonly timeClick: number;
  readonly isoClick: number;
  readonly focusDioptres: number;
}

/** What a press would make now. */
export interface Foreseen {
  readonly kind: Series['kind'];
  readonly frames: readonly ForeseenFrame[];
  /** From the first frame's beginning to the last one's end, as far as shutters and clock decide. */
  readonly seconds: number;
  readonly bytes: number;
}

/** Between two frames a sensor is read out. */
const READOUT_S = 1 / 50;
/** White does not show in what is foreseen. */
const ANY_WHITE = { kelvin: 5500, tint: 0 };

function foresee(): Foreseen | null {
  const { settings, capabilities } = fieldStore.get();
  const readings = readingsStore.get();
  const kind = settings.series.kind;
  if (!capabilities?.series.includes(kind)) return null;
  const about: HeldExposure = {
    timeClick: Math.round(readings?.timeClick ?? 0),
    isoClick: Math.round(readings?.isoClick ?? 0),
    white: ANY_WHITE,
    focusDioptres: readings?.focus?.dioptres ?? 0,
  };
  const plan = planOf(settings, { focusFirst: false, averages: capabilities.averages });
  const steps = stepsOf(plan, about, steppedCamera(capabilities, settings));
  const frames = steps.map(({ moves, biasClicks }) => ({ ...about, ...moves, biasClicks }));
  const seconds = steps.reduce(
    (end, { dueS }, i) => Math.max(end, dueS) + timeSFromClick(frames[i].timeClick) + READOUT_S,
    0,
  );
  return {
    kind,
    frames: kind === 'bracket' || kind === 'focus' ? frames : frames.slice(0, 1),
    seconds,
    bytes: steps.length * bytesOfFrame(settings, capabilities),
  };
}

let known: readonly unknown[] = [];
let text = 'null';

/**
 * What a press would make now, as text: it can be compared, and is worked out again only when
 * something it depends on has changed. Of frames that are all the same one is named.
 */
export function foreseenText(): string {
  const { settings, capabilities } = fieldStore.get();
  const readings = readingsStore.get();
  const now = [
    settings,
    capabilities,
    readings && Math.round(readings.timeClick ?? 0),
    readings && Math.round(readings.isoClick ?? 0),
  ];
  if (known.length === 0 || now.some((value, i) => value !== known[i])) {
    known = now;
    text = JSON.stringify(foresee());
  }
  return text;
}
