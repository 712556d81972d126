import { CLICKS_PER_STOP } from '@velmo/core/exposure';
import { HIGHLIGHT_SHARE, histogramBottom, histogramTop, SHADOW_SHARE } from '@velmo/core/monitor';
import { nextProbe, probedRange, type Probe, type SceneRange } from '@velmo/core/series';
import type { Settings } from '@velmo/core/settings';
import type { Readings } from '../device/readings';
import { heldAt, SETTLING_FRAMES, type SteppedTrack } from './heldTrack';
import { reportedClicks, timeRangeOf } from './track/trackControls';

const LUMINANCE = 3;
/** The darkest tone must lie this far over what the picture shows as nothing. */
const CLEAR_CLICKS = 3;
/** A device exposes to within half a click of what it is asked for, and a bracket asks twice. */
const CLIP_MARGIN_CLICKS = 1;

/** What a frame exposed so many clicks from the first shows of the scene's ends. */
function probeOf(readings: Readings, offsetClicks: number, allowedShare: number): Probe {
  const { histogram, clippedSurface, floorStops } = readings;
  const share = Math.max(allowedShare, HIGHLIGHT_SHARE);
  const brightest = Math.max(...[0, 1, 2].map((c) => histogramTop(histogram, c, share)));
  const darkestClicks = CLICKS_PER_STOP * histogramBottom(histogram, LUMINANCE, SHADOW_SHARE);
  return {
    offsetClicks,
    brightestClicks: CLICKS_PER_STOP * brightest + CLIP_MARGIN_CLICKS,
    darkestClicks,
    clips: Math.max(...clippedSurface) > share,
    isLost: darkestClicks < CLICKS_PER_STOP * floorStops + CLEAR_CLICKS,
  };
}

/**
 * The range of a scene's light, found by looking at it at several exposures, each held by time: a
 * camera that shows no more than its own white has no other way. It is given back afterwards.
 */
export async function probeScene(
  track: SteppedTrack,
  settings: Settings,
  allowedShare: number,
): Promise<SceneRange | null> {
  const before = track.reported();
  const range = timeRangeOf(track.controls);
  const { timeClick } = reportedClicks(before);
  if (!range || timeClick === null) return null;
  const first = Math.round(timeClick);
  const reach = { min: range.min - first, max: range.max - first };
  const probes: Probe[] = [];
  try {
    for (let offset: number | null = 0; offset !== null; offset = nextProbe(probes, reach)) {
      await track.hold(heldAt(settings, track.controls, before, 'time', first + offset));
      await track.letGo(SETTLING_FRAMES.time);
      probes.push(probeOf(await track.nextReadings(), offset, allowedShare));
    }
    return probedRange(probes);
  } finally {
    track.restore();
  }
}
