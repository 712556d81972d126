import { wantsDng } from '@velmo/core/files';
import { transfer } from 'comlink';
import {
  assembleSimulatedDng,
  captureBand,
  clippedShareOf,
  developPreview,
  planSimulated,
  StillLight,
  type CapturedBand,
  type SimulatedShot,
} from '@velmo/core/simulate';
import { madeFrame, type FrameJob } from '../files/frameJob';
import { madeFile } from '../files/madeFile';
import { pictureFiles } from '../files/pictureFiles';
import { canvasOf, jpegBytes, thumbnailUrl } from '../files/thumbnail';
import type { MadeFile, MadeFrame } from '../../storage/madeFrame';
import { exposeKept } from '../../workers/exposeKept';
import { stopWatch, type StageTimes } from '../../state/stages';

const PREVIEW_QUALITY = 0.88;

const still = new StillLight();

const api = {
  /**
   * Exposes and compresses one band of a shot.
   *
   * @param keeps its light is kept for the frames that follow
   */
  band(
    shot: SimulatedShot,
    band: number,
    keeps: boolean,
  ): { band: CapturedBand; stages: StageTimes } {
    const { stages, end } = stopWatch();
    const captured = captureBand(planSimulated(shot), band, end, keeps ? still : null);
    const { tiles, raw, previewRaw } = captured;
    const arrays = [...tiles, previewRaw, ...(raw ? [raw] : [])];
    return transfer(
      { band: captured, stages },
      arrays.map((a) => a.buffer as ArrayBuffer),
    );
  },

  forgetLight(): void {
    still.forget();
  },

  /** Puts the bands together into the frame the shot asks for. */
  async finish(
    shot: SimulatedShot,
    bands: CapturedBand[],
    job: FrameJob,
  ): Promise<{ frame: MadeFrame; stages: StageTimes }> {
    const { stages, end } = stopWatch();
    const plan = planSimulated(shot);
    const preview = developPreview(plan, bands);
    const canvas = canvasOf(preview.rgba, preview.width, preview.height);
    const thumbnail = await thumbnailUrl(canvas, shot.upright ? 6 : 1);
    const files: MadeFile[] = [];
    if (wantsDng(shot.files)) {
      const jpeg = await jpegBytes(canvas, PREVIEW_QUALITY);
      files.push(madeFile('dng', '.dng', assembleSimulatedDng(plan, bands, jpeg)));
    }
    end('assemble');
    files.push(...(await pictureFiles(plan, bands, end)));
    const { width, height } = plan.crop;
    const found = {
      origin: 'raw',
      width: shot.upright ? height : width,
      height: shot.upright ? width : height,
      average: null,
      clippedShare: clippedShareOf(plan, bands),
    } as const;
    return { frame: madeFrame(job, found, files, thumbnail), stages };
  },
};

export type SimulatedCaptureApi = typeof api;
exposeKept(api);
