import { expose } from 'comlink';
import { assembleLinearDng, linearised, LINEAR_WHITE } from '@velmo/core/capture';
import { linearTable, SRGB_RESPONSE } from '@velmo/core/response';
import { withMetadata, type ShotMetadata } from '@velmo/core/dng';
import { nominalIso, clickFromIso, timeWords } from '@velmo/core/exposure';
import type { FileKind } from '@velmo/core/settings';
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

const nameFacts = ({ capturedAt, timeS, iso }: ShotMetadata): NameFacts => ({
  ...capturedAt,
  place: 'camera',
  time: timeS === undefined ? '' : timeWords(timeS).replace('/', '-').replace(' ', ''),
  iso: iso === undefined ? '' : nominalIso(clickFromIso(iso)),
});

const api = {
  /** Writes a grabbed frame as JPEG, and as linear DNG where wanted, and stores it. */
  async keep(
    frame: GrabbedFrame,
    shot: ShotMetadata,
    wanted: VideoFrameFiles,
    source: string,
    summary: string,
    onShare: (share: number) => void,
  ): Promise<KeptFrame> {
    const { rgba, width, height } = frame;
    const canvas = canvasOf(rgba, width, height);
    const jpeg = await jpegBytes(canvas, wanted.jpegQuality / 100);
    const thumbnail = await thumbnailUrl(canvas, 1);
    const { epochMs } = shot.capturedAt;
    const stem = await newStem(wanted.naming, nameFacts(shot));
    const files: FileToStore[] = [
      { kind: 'jpeg', name: `${stem}.jpg`, parts: withMetadata(jpeg, width, height, shot) },
    ];
    if (wanted.files !== 'jpeg') {
      const parts = assembleLinearDng(
        { data: linearised(rgba, linearTable(SRGB_RESPONSE, LINEAR_WHITE)), width, height },
        null,
        jpeg,
        shot,
      );
      files.unshift({ kind: 'dng', name: `${stem}-from-video.dng`, parts });
    }
    return keepFrame(
      { version: 1, id: frameId(epochMs), capturedAt: epochMs, source, summary, thumbnail },
      files,
      onShare,
    );
  },
};

export type BrowserCaptureApi = typeof api;
expose(api);
