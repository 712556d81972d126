import {
  assembleLinearDng,
  type LinearFrame,
  withMetadata,
  type ShotMetadata,
} from '@velmo/core/files';
import { FrameStack, type StackedFrame } from '@velmo/core/combine';
import type { NoiseProfile } from '@velmo/core/sensor';
import {
  codesOfLinear,
  linearise,
  LINEAR_WHITE,
  linearTable,
  SRGB_RESPONSE,
  type VideoResponse,
} from '@velmo/core/response';
import { AVERAGE_FRAMES, type FileKind } from '@velmo/core/settings';
import type { Gather } from '@velmo/core/series';
import { averageWords, lightWords } from './averageWords';
import type { GrabbedFrame } from '../browserLive';
import { madeFrame, type FrameJob } from '../../files/frameJob';
import { madeFile } from '../../files/madeFile';
import { canvasOf, growingUrl, jpegBytes, thumbnailUrl } from '../../files/thumbnail';
import type { FrameFacts } from '../../../storage/frames/frameRecord';
import type { MadeFile, MadeFrame } from '../../../storage/frames/madeFrame';
import { LongVideo } from './longVideo';
import { exposeKept } from '../../../workers/exposeKept';

/** What a frame is made of besides its pixels. */
export interface VideoFrameJob extends FrameJob {
  readonly shot: ShotMetadata;
  /** How the camera's codes are made light; null where that has not been measured. */
  readonly response: VideoResponse | null;
  readonly files: FileKind;
  readonly jpegQuality: number;
}

const tableOf = (response: VideoResponse | null): Uint16Array =>
  linearTable(response ?? SRGB_RESPONSE, LINEAR_WHITE);

/** A frame out of its files and a canvas that shows it. */
async function frameOf(
  canvas: OffscreenCanvas,
  files: readonly MadeFile[],
  job: VideoFrameJob,
  made: Pick<FrameFacts, 'origin' | 'average'>,
): Promise<MadeFrame> {
  const { width, height } = canvas;
  const thumbnail = await thumbnailUrl(canvas, 1);
  return madeFrame(job, { ...made, width, height, clippedShare: null }, files, thumbnail);
}

/** A picture as JPEG, and its linear light as DNG where wanted. */
async function filesOf(
  canvas: OffscreenCanvas,
  linear: (() => LinearFrame) | null,
  noise: NoiseProfile | null,
  ending: string,
  { shot, jpegQuality }: VideoFrameJob,
  baselineExposure = 0,
): Promise<MadeFile[]> {
  const { width, height } = canvas;
  const jpeg = await jpegBytes(canvas, jpegQuality / 100);
  const picture = madeFile('jpeg', '.jpg', withMetadata(jpeg, width, height, shot));
  if (!linear) return [picture];
  const dng = assembleLinearDng(linear(), noise, jpeg, shot, baselineExposure);
  return [madeFile('dng', ending, dng), picture];
}

/** Frames being averaged, and how large they are. */
let response: VideoResponse | null = null;
let stack: FrameStack | null = null;

/** A long exposure being gathered. */
let long: LongVideo | null = null;

const TURNED =
  'The phone was turned while frames were gathered: nothing was kept. Hold it one way and press again.';

const api = {
  /** A grabbed frame as JPEG, and as linear DNG where wanted. */
  async make({ rgba, width, height }: GrabbedFrame, job: VideoFrameJob): Promise<MadeFrame> {
    const linear = (): LinearFrame => {
      const data = new Uint16Array((3 * rgba.length) / 4);
      linearise(rgba, tableOf(job.response), data);
      return { data, width, height };
    };
    const canvas = canvasOf(rgba, width, height);
    const wantsDng = job.files !== 'jpeg';
    const description = `${job.shot.description} ${lightWords(job.response)}`;
    const told = wantsDng ? { ...job, shot: { ...job.shot, description } } : job;
    const files = await filesOf(canvas, wantsDng ? linear : null, null, '-from-video.dng', told);
    return frameOf(canvas, files, told, { origin: 'video-frame', average: null });
  },

  /** The device's own photograph untouched; what is no JPEG is made one, and says so. */
  async makePhoto(photo: Blob, job: VideoFrameJob): Promise<MadeFrame> {
    const bitmap = await createImageBitmap(photo);
    const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
    canvas.getContext('2d')!.drawImage(bitmap, 0, 0);
    bitmap.close();
    const [first, second] = new Uint8Array(await photo.slice(0, 2).arrayBuffer());
    if (first !== 0xff || second !== 0xd8) {
      const description = `Photograph of a browser camera, which gave ${photo.type || 'no JPEG'}; made a JPEG by Velmo.`;
      const told = { ...job, shot: { ...job.shot, description } };
      const files = await filesOf(canvas, null, null, '', told);
      return frameOf(canvas, files, told, { origin: 'photo-remade', average: null });
    }
    const bytes = new Uint8Array(await photo.arrayBuffer());
    const files = [madeFile('jpeg', '.jpg', [bytes])];
    return frameOf(canvas, files, job, { origin: 'photo', average: null });
  },

  startAverage(calibrated: VideoResponse | null): void {
    response = calibrated;
    stack = null;
  },

  /** Adds a frame to the average. */
  addFrame({ rgba, width, height }: GrabbedFrame): void {
    if (!stack) {
      stack = new FrameStack(rgba, width, height, tableOf(response));
      return;
    }
    if (stack.width !== width || stack.height !== height) throw new Error(TURNED);
    stack.add(rgba);
  },

  /** The average of the frames added. */
  async makeAverage(job: VideoFrameJob): Promise<MadeFrame> {
    if (!stack) throw new Error('No frame came.');
    const { width, height } = stack;
    const stacked: StackedFrame = stack.finish();
    stack = null;
    const { data, frames, noise } = stacked;
    const composite = { ...job.shot.composite!, used: frames };
    if (frames < AVERAGE_FRAMES.min)
      throw new Error(
        `Only ${frames} of ${composite.taken} frames could be laid on one another: nothing was kept. Hold the phone steadier, and press again.`,
      );
    const description = averageWords(stacked, composite, response);
    const told = { ...job, shot: { ...job.shot, composite, description } };
    const canvas = canvasOf(codesOfLinear(data, response ?? SRGB_RESPONSE), width, height);
    const linear = job.files === 'jpeg' ? null : () => ({ data, width, height });
    const files = await filesOf(canvas, linear, noise?.after ?? null, '-averaged.dng', told);
    const average = { frames, timesLess: noise?.timesLess ?? null };
    return frameOf(canvas, files, told, { origin: 'average', average });
  },

  startLong(calibrated: VideoResponse | null, gather: Gather): void {
    long = new LongVideo(calibrated, gather);
  },

  /** Adds a frame to a long exposure. */
  addLong({ rgba, width, height }: GrabbedFrame): void {
    if (!long!.add(rgba, width, height)) throw new Error(TURNED);
  },

  /** What has been gathered so far, small, as a data URL. */
  longPicture(): Promise<string> {
    const { rgba, width, height } = long!.picture();
    return growingUrl(canvasOf(rgba, width, height), 1);
  },

  /** The long exposure as far as it has been gathered. */
  async makeLong(job: VideoFrameJob): Promise<MadeFrame> {
    const gathered = long!;
    long = null;
    const { data, width, height, frames, baselineExposure } = gathered.finish();
    const description = gathered.words(job.shot.composite!.periodS);
    const composite = { ...job.shot.composite!, used: frames };
    const told = { ...job, shot: { ...job.shot, composite, description } };
    const { rgba } = gathered.picture();
    const canvas = canvasOf(rgba, width, height);
    const linear = job.files === 'jpeg' ? null : () => ({ data, width, height });
    const files = await filesOf(canvas, linear, null, '-long.dng', told, baselineExposure);
    return frameOf(canvas, files, told, {
      origin: 'video-frame',
      average: { frames, timesLess: null },
    });
  },
};

/** What the worker answers. */
export type BrowserCaptureApi = typeof api;
exposeKept(api);
