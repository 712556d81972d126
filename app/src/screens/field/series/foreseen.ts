import { timeSFromClick } from '@velmo/core/exposure';
import {
  bracketOffsets,
  focusGap,
  planOf,
  stepsOf,
  type HeldExposure,
  type Series,
  type SteppedCamera,
} from '@velmo/core/series';
import type { Settings } from '@velmo/core/settings';
import { READOUT_S } from '@velmo/core/simulate';
import type { SeriesForecast } from '@velmo/core/verdict';
import { steppedCamera } from '../../../camera/device/steppedCamera';
import { bytesOfFrame, framesLeft } from '../words/fileWords';
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
  /**
   * From the first frame's beginning to the last one's end, as far as shutters and clock decide.
   */
  readonly seconds: number;
  readonly bytes: number;
  /** What the verdict judges; null of a single frame. */
  readonly forecast: SeriesForecast | null;
}

/** White does not show in what is foreseen. */
const ANY_WHITE = { kelvin: 5500, tint: 0 };

function foresee(): Foreseen | null {
  const { settings, capabilities, room: storage } = fieldStore.get();
  const readings = readingsStore.get();
  const kind = settings.series.kind;
  if (!capabilities?.series.includes(kind)) return null;
  const about: HeldExposure = {
    timeClick: Math.round(readings?.timeClick ?? 0),
    isoClick: Math.round(readings?.isoClick ?? 0),
    white: ANY_WHITE,
    focusDioptres: readings?.focus?.dioptres ?? 0,
  };
  const room = framesLeft(settings, capabilities, storage);
  const plan = planOf(settings, { focusFirst: false, averages: capabilities.averages });
  const camera = steppedCamera(capabilities, settings);
  const steps = stepsOf(plan, about, camera);
  const frames = steps.map(({ moves, biasClicks }) => ({ ...about, ...moves, biasClicks }));
  const ends = steps.reduce(
    (end, { dueS }, i) => Math.max(end, dueS) + timeSFromClick(frames[i].timeClick) + READOUT_S,
    0,
  );
  const forecast: SeriesForecast | null =
    kind === 'single' ? null : forecastOf(settings, frames, room, camera);
  return {
    kind,
    frames: kind === 'bracket' || kind === 'focus' ? frames : frames.slice(0, 1),
    seconds: settings.series.kind === 'long' ? settings.series.totalS : ends,
    bytes: steps.length * bytesOfFrame(settings, capabilities),
    forecast,
  };
}

function forecastOf(
  { series }: Settings,
  frames: readonly ForeseenFrame[],
  room: number | null,
  { sharpHalfWidth }: SteppedCamera,
): SeriesForecast {
  const biases = frames.map(({ biasClicks }) => biasClicks);
  const [darkestClicks, brightestClicks] = [Math.min(...biases), Math.max(...biases)];
  const asked = series.kind === 'bracket' ? bracketOffsets(series) : [0];
  return {
    frames: frames.length,
    darkestClicks,
    brightestClicks,
    longestTimeClick: Math.max(...frames.map(({ timeClick }) => timeClick)),
    missingClicks: {
      dark: Math.max(0, darkestClicks - Math.min(...asked)),
      bright: Math.max(0, Math.max(...asked) - brightestClicks),
    },
    focusGapDioptres:
      series.kind === 'focus' && !series.places && sharpHalfWidth !== null
        ? focusGap(sharpHalfWidth, series)
        : 0,
    room,
  };
}

let known: readonly unknown[] = [];
let text = 'null';

/**
 * What a press would make now, as text: it can be compared, and is worked out again only when
 * something it depends on has changed. Of frames that are all the same one is named.
 */
export function foreseenText(): string {
  const { settings, capabilities, room } = fieldStore.get();
  const readings = readingsStore.get();
  const now = [
    settings,
    capabilities,
    room,
    readings && Math.round(readings.timeClick ?? 0),
    readings && Math.round(readings.isoClick ?? 0),
  ];
  if (known.length === 0 || now.some((value, i) => value !== known[i])) {
    known = now;
    text = JSON.stringify(foresee());
  }
  return text;
}
