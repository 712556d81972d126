import { expose, transfer } from 'comlink';
import {
  assembleSimulatedDng,
  captureBand,
  developPreview,
  planSimulated,
  type CapturedBand,
  type SimulatedShot,
} from '@velmo/core/capture';
import { nominalIso, nominalTime } from '@velmo/core/exposure';
import { fileStem, frameId } from '../camera/frameNames';
import { keepFrame, type KeptFrame } from '../camera/keepFrame';
import { canvasOf, jpegBytes, thumbnailUrl } from '../camera/thumbnail';

export type StageTimes = Record<string, number>;

const PREVIEW_QUALITY = 0.88;

const api = {
  /** Exposes and compresses one band of a shot. */
  band(shot: SimulatedShot, band: number): { band: CapturedBand; stages: StageTimes } {
    const stages: StageTimes = {};
    let last = performance.now();
    const captured = captureBand(planSimulated(shot), band, (stage) => {
      const now = performance.now();
      stages[stage] = now - last;
      last = now;
    });
    const buffers = [...captured.tiles.map((t) => t.buffer), captured.previewRaw.buffer];
    return transfer({ band: captured, stages }, buffers as ArrayBuffer[]);
  },

  /** Puts the bands together and stores the frame. */
  async finish(
    shot: SimulatedShot,
    bands: CapturedBand[],
    onShare: (share: number) => void,
  ): Promise<{ kept: KeptFrame; stages: StageTimes }> {
    const stages: StageTimes = {};
    const plan = planSimulated(shot);
    const start = performance.now();
    const preview = developPreview(plan, bands);
    const canvas = canvasOf(preview.rgba, preview.width, preview.height);
    const jpeg = await jpegBytes(canvas, PREVIEW_QUALITY);
    const thumbnail = await thumbnailUrl(canvas, shot.upright ? 6 : 1);
    const parts = assembleSimulatedDng(plan, bands, jpeg);
    stages.assemble = performance.now() - start;
    const { epochMs, offsetMinutes } = shot.capturedAt;
    const kept = await keepFrame(
      {
        version: 1,
        id: frameId(epochMs),
        capturedAt: epochMs,
        source: `${plan.scene.name} (simulated)`,
        summary: `${nominalTime(shot.timeClick)} s · ISO ${nominalIso(shot.isoClick)}`,
        thumbnail,
      },
      [{ kind: 'dng', name: `${fileStem(epochMs, offsetMinutes)}.dng`, parts }],
      onShare,
    );
    stages.store = performance.now() - start - stages.assemble;
    return { kept, stages };
  },
};

export type SimulatedCaptureApi = typeof api;
expose(api);
