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
import { derivedStore } from '../../../state/derivedStore';
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

/** What a press would make now. Of frames that are all the same one is named. */
export const foreseenNow = derivedStore(
  [fieldStore, readingsStore],
  () => {
    const { settings, capabilities, room } = fieldStore.get();
    const { timeClick, isoClick } = readingsStore.get() ?? {};
    return [settings, capabilities, room, Math.round(timeClick ?? 0), Math.round(isoClick ?? 0)];
  },
  foresee,
);
