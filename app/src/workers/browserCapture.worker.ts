import { expose } from 'comlink';
import { assembleVideoFrameDng } from '@velmo/core/capture';
import type { ShotMetadata } from '@velmo/core/dng';
import type { GrabbedFrame } from '../camera/browserLive';
import { fileStem, frameId } from '../camera/frameNames';
import { keepFrame, type KeptFrame } from '../camera/keepFrame';
import { canvasOf, jpegBytes, thumbnailUrl } from '../camera/thumbnail';

const JPEG_QUALITY = 0.95;

const api = {
  /** Writes a grabbed frame as JPEG and linear DNG and stores both. */
  async keep(
    frame: GrabbedFrame,
    shot: ShotMetadata,
    source: string,
    summary: string,
    onShare: (share: number) => void,
  ): Promise<KeptFrame> {
    const { rgba, width, height } = frame;
    const canvas = canvasOf(rgba, width, height);
    const jpeg = await jpegBytes(canvas, JPEG_QUALITY);
    const thumbnail = await thumbnailUrl(canvas, 1);
    const parts = assembleVideoFrameDng(rgba, width, height, jpeg, shot);
    const { epochMs, offsetMinutes } = shot.capturedAt;
    const stem = fileStem(epochMs, offsetMinutes);
    return keepFrame(
      { version: 1, id: frameId(epochMs), capturedAt: epochMs, source, summary, thumbnail },
      [
        { kind: 'dng', name: `${stem}-from-video.dng`, parts },
        { kind: 'jpeg', name: `${stem}.jpg`, parts: [jpeg] },
      ],
      onShare,
    );
  },
};

export type BrowserCaptureApi = typeof api;
expose(api);
