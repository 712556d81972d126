import type { StackedFrame } from '@velmo/core/combine';
import type { CompositeFrames } from '@velmo/core/files';
import type { VideoResponse } from '@velmo/core/response';

/** How a frame's codes were made light, in words. */
export const lightWords = (response: VideoResponse | null): string =>
  response
    ? 'Linearised by the response recovered from a guided series of this camera.'
    : 'Linearised by the sRGB curve, which is assumed.';

const percent = (share: number): string =>
  share > 0 && share < 0.001 ? 'less than 0.1 %' : `${(100 * share).toFixed(1)} %`;

/** What an average is made of, in plain words for its file. */
export function averageWords(
  { noise, rejectedShare, clippedShare }: StackedFrame,
  { taken, used }: CompositeFrames,
  response: VideoResponse | null,
): string {
  const of = used === taken ? '' : ` (of ${taken} taken)`;
  const clipped = Math.max(...clippedShare);
  return [
    `Average of ${used}${of} processed video frames of a browser camera; not sensor data.`,
    `Aligned; ${percent(rejectedShare)} of the samples left out because something moved there; ${percent(clipped)} of the pixels clip.`,
    lightWords(response),
    noise
      ? `Noise ${noise.timesLess.toFixed(2)} times less than in one frame: variance ${model(noise.before)} before, ${model(noise.after)} after, x being light as a share of clipping.`
      : 'Its noise could not be measured: no even surface in the picture.',
  ].join(' ');
}

const model = ({ scale, offset }: { scale: number; offset: number }): string =>
  `${scale.toExponential(2)} x + ${offset.toExponential(2)}`;
