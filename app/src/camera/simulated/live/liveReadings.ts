import type { FocusReading, LoupeReading, PictureReading, Readings } from '../../device/readings';
import type { LiveRendering } from './liveRendering';
import type { LiveShot } from './liveShot';
import { readPins } from './pinReadings';

/** What has become of a shot. */
export interface LiveFrame {
  /** Three values a pixel, as the sensor got them. */
  readonly light: Float32Array;
  readonly rendering: LiveRendering;
  readonly focus: FocusReading;
  readonly picture: PictureReading | null;
  readonly loupe: LoupeReading | null;
  /** Its still light is as sharp as it gets. */
  readonly refined: boolean;
}

/** What the page is told of a frame: numbers alone. */
export function liveReadings(
  shot: LiveShot,
  { light, rendering, focus, picture, loupe, refined }: LiveFrame,
): Readings {
  const { applied, solution, ev100, lightClicks, stage, white, highlights, framed, options } = shot;
  const shareOfClip = shot.perLight / shot.response.saturationE;
  const [red, green, blue] = highlights.map((peak) => Math.log2(peak * shareOfClip));
  const { timeClick, isoClick, differenceClicks, outOfRange } = solution;
  const { gains, clipStops, floorStops } = rendering;
  return {
    ...{ applied, timeClick, isoClick, differenceClicks, outOfRange, ev100, lightClicks },
    estimated: false,
    histogram: stage.result.histogram.slice(),
    ...stage.shares(),
    ...{ picture, white, gains, clipStops, floorStops, focus, loupe, refined },
    overClipStops: [red, green, blue],
    pins: readPins(options.pins, light, stage, shareOfClip, rendering),
    cosDeclination: framed.cosDeclination,
  };
}
