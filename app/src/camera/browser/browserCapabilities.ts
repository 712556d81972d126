import { UNKNOWN_CONTEXT } from '@velmo/core/consequence';
import { SERIES_KINDS, type SeriesKind } from '@velmo/core/series';
import type { FrameSize } from '../../storage/kept/cameraChoice';
import type { CameraCapabilities } from '../device/capabilities';
import { exposureWay } from './heldTrack';
import { canTakePhotos } from './capture/takePhoto';
import {
  compRangeOf,
  hasTorch,
  isoRangeOf,
  kelvinRangeOf,
  timeRangeOf,
  zoomMaxOf,
} from './track/trackControls';
import { trackFocus } from './track/trackFocus';
import type { ControlCapabilities } from './track/trackTypes';

/** Sizes of video that devices have, and that say something to a photographer. */
const SIZES: readonly FrameSize[] = [
  { width: 640, height: 480 },
  { width: 1280, height: 960 },
  { width: 1920, height: 1080 },
  { width: 1920, height: 1440 },
  { width: 3840, height: 2160 },
];

/** Sizes no larger than the device's own, whichever way it is held. */
function sizesOf({ width, height }: ControlCapabilities): FrameSize[] {
  const long = Math.max(width?.max ?? 0, height?.max ?? 0);
  const short = Math.min(width?.max ?? 0, height?.max ?? 0);
  return SIZES.filter((size) => size.width <= long && size.height <= short);
}

/** Focus at places needs a focus that can be set; a bracket, an exposure that can be moved. */
const seriesOf = (controls: ControlCapabilities): SeriesKind[] =>
  SERIES_KINDS.filter(
    (kind) =>
      (kind !== 'bracket' || exposureWay(controls) !== null) &&
      (kind !== 'focus' || trackFocus(controls)?.range != null),
  );

/**
 * What a browser camera can do, by what its track says.
 *
 * @param flash its own photograph can be taken with a flash
 */
export function browserCapabilities(
  track: MediaStreamTrack,
  controls: ControlCapabilities,
  flash: boolean,
): CameraCapabilities {
  const focus = trackFocus(controls);
  const kelvin = kelvinRangeOf(controls);
  const { width = 0, height = 0 } = track.getSettings();
  return {
    label: track.label || 'Camera',
    notice: 'This device’s camera: processed video frames, not sensor data.',
    time: timeRangeOf(controls),
    iso: isoRangeOf(controls),
    baseIsoClick: null,
    compensation: compRangeOf(controls),
    lenses: [],
    sizesMp: [],
    hasRig: false,
    meterPatterns: ['whole', 'centre', 'spot'],
    canPan: false,
    solverInput: () => null,
    exposureContext: () => UNKNOWN_CONTEXT,
    focus: () => focus,
    longSidePx: () => {
      const now = track.getSettings();
      return Math.max(now.width ?? 0, now.height ?? 0) || null;
    },
    hasDepth: false,
    white: kelvin && { kelvin, tint: false },
    zoomMax: zoomMaxOf(controls),
    hasTorch: hasTorch(controls),
    flash: flash ? ['begin'] : [],
    canLock: false,
    series: seriesOf(controls),
    coversScene: timeRangeOf(controls) ? 'by probing' : null,
    averages: true,
    takesPhotos: canTakePhotos(),
    frameSizes: sizesOf(controls),
    frameSize: width > 0 ? { width, height } : null,
    letGoWhenHidden: true,
    fileKinds: ['dng+jpeg', 'jpeg'],
    hasAspect: false,
    readsRaw: false,
    dngIs: 'linear DNG',
  };
}
