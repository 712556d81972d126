import { expose } from 'comlink';
import { assembleLinearDng, type LinearFrame } from '@velmo/core/capture';
import { FrameStack, type NoiseModel, type StackedFrame } from '@velmo/core/combine';
import { withMetadata, type ShotMetadata } from '@velmo/core/dng';
import { clickFromIso, nominalIso, timeWords } from '@velmo/core/exposure';
import {
  codesOfLinear,
  linearise,
  LINEAR_WHITE,
  linearTable,
  SRGB_RESPONSE,
  type VideoResponse,
} from '@velmo/core/response';
import { AVERAGE_FRAMES, type FileKind } from '@velmo/core/settings';
import { averageWords, lightWords } from '../camera/averageWords';
import type { GrabbedFrame } from '../camera/browserLive';
import { frameId, newStem } from '../camera/frameNames';
import { keepFrame, type KeptFrame } from '../camera/keepFrame';
import { canvasOf, jpegBytes, thumbnailUrl } from '../camera/thumbnail';
import type { NameFacts, Naming } from '../rolls/fileNames';
import type { FileToStore } from '../rolls/frameRecord';

/** What is to be written of a frame. */
export interface VideoFrameFiles {
  readonly files: FileKind;
  readonly jpegQuality: number;
  readonly naming: Naming;
}

type OnShare = (share: number) => void;

const nameFacts = ({ capturedAt, timeS, iso }: ShotMetadata): NameFacts => ({
  ...capturedAt,
  place: 'camera',
  time: timeS === undefined ? '' : timeWords(timeS).replace('/', '-').replace(' ', ''),
  iso: iso === undefined ? '' : nominalIso(clickFromIso(iso)),
});

const tableOf = (response: VideoResponse | null): Uint16Array =>
  linearTable(response ?? SRGB_RESPONSE, LINEAR_WHITE);

/** Writes a picture as JPEG, and its linear light as DNG where wanted. */
async function keepPicture(
  canvas: OffscreenCanvas,
  linear: (() => LinearFrame) | null,
  noise: NoiseModel | null,
  ending: string,
  shot: ShotMetadata,
  { jpegQuality, naming }: VideoFrameFiles,
  source: string,
  summary: string,
  onShare: OnShare,
): Promise<KeptFrame> {
  const { width, height } = canvas;
  const jpeg = await jpegBytes(canvas, jpegQuality / 100);
  const stem = await newStem(naming, nameFacts(shot));
  const files: FileToStore[] = [
    { kind: 'jpeg', name: `${stem}.jpg`, parts: withMetadata(jpeg, width, height, shot) },
  ];
  if (linear) {
    const parts = assembleLinearDng(linear(), noise, jpeg, shot);
    files.unshift({ kind: 'dng', name: `${stem}${ending}.dng`, parts });
  }
  return keepFrame(await recordOf(canvas, shot, source, summary), files, onShare);
}

async function recordOf(
  canvas: OffscreenCanvas,
  { capturedAt: { epochMs } }: ShotMetadata,
  source: string,
  summary: string,
) {
  const thumbnail = await thumbnailUrl(canvas, 1);
  return {
    version: 1,
    id: frameId(epochMs),
    capturedAt: epochMs,
    source,
    summary,
    thumbnail,
  } as const;
}

/** Frames being averaged, and how large they are. */
let response: VideoResponse | null = null;
let stack: FrameStack | null = null;

const api = {
  /** Writes a grabbed frame as JPEG, and as linear DNG where wanted, and stores it. */
  async keep(
    { rgba, width, height }: GrabbedFrame,
    shot: ShotMetadata,
    wanted: VideoFrameFiles,
    calibrated: VideoResponse | null,
    source: string,
    summary: string,
    onShare: OnShare,
  ): Promise<KeptFrame> {
    const linear = (): LinearFrame => {
      const data = new Uint16Array((3 * rgba.length) / 4);
      linearise(rgba, tableOf(calibrated), data);
      return { data, width, height };
    };
    const canvas = canvasOf(rgba, width, height);
    const wantsDng = wanted.files !== 'jpeg';
    const description = `${shot.description} ${lightWords(calibrated)}`;
    const told = wantsDng ? { ...shot, description } : shot;
    return keepPicture(
      canvas,
      wantsDng ? linear : null,
      null,
      '-from-video',
      told,
      wanted,
      source,
      summary,
      onShare,
    );
  },

  /** Stores the device's own photograph untouched; what is no JPEG is made one, and says so. */
  async keepPhoto(
    photo: Blob,
    shot: ShotMetadata,
    wanted: VideoFrameFiles,
    source: string,
    summary: string,
    onShare: OnShare,
  ): Promise<KeptFrame> {
    const bitmap = await createImageBitmap(photo);
    const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
    canvas.getContext('2d')!.drawImage(bitmap, 0, 0);
    bitmap.close();
    const bytes = new Uint8Array(await photo.arrayBuffer());
    if (bytes[0] !== 0xff || bytes[1] !== 0xd8) {
      const description = `Photograph of a browser camera, which gave ${photo.type || 'no JPEG'}; made a JPEG by Velmo.`;
      const told = { ...shot, description };
      return keepPicture(
        canvas,
        null,
        null,
        '',
        told,
        wanted,
        source,
        `${summary} · made a JPEG`,
        onShare,
      );
    }
    const stem = await newStem(wanted.naming, nameFacts(shot));
    const file: FileToStore = { kind: 'jpeg', name: `${stem}.jpg`, parts: [bytes] };
    return keepFrame(await recordOf(canvas, shot, source, summary), [file], onShare);
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
    if (stack.width !== width || stack.height !== height)
      throw new Error(
        'The phone was turned while frames were averaged: nothing was kept. Hold it one way and press again.',
      );
    stack.add(rgba);
  },

  /** Writes the average and stores it. */
  async keepAverage(
    shot: ShotMetadata,
    wanted: VideoFrameFiles,
    source: string,
    summary: string,
    onShare: OnShare,
  ): Promise<KeptFrame> {
    if (!stack) throw new Error('No frame came.');
    const { width, height } = stack;
    const stacked: StackedFrame = stack.finish();
    stack = null;
    const { data, frames, noise } = stacked;
    const composite = { ...shot.composite!, used: frames };
    if (frames < AVERAGE_FRAMES.min)
      throw new Error(
        `Only ${frames} of ${composite.taken} frames could be laid on one another: nothing was kept. Hold the phone steadier, and press again.`,
      );
    const told = { ...shot, composite, description: averageWords(stacked, composite, response) };
    const canvas = canvasOf(codesOfLinear(data, response ?? SRGB_RESPONSE), width, height);
    const wantsDng = wanted.files !== 'jpeg';
    return keepPicture(
      canvas,
      wantsDng ? () => ({ data, width, height }) : null,
      noise?.after ?? null,
      '-averaged',
      told,
      wanted,
      source,
      `${frames} frames · ${summary}${noise ? ` · noise ${noise.timesLess.toFixed(1)}× less` : ''}`,
      onShare,
    );
  },
};

export type BrowserCaptureApi = typeof api;
expose(api);
