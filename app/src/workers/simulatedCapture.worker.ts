import { expose, transfer } from 'comlink';
import {
  assembleSimulatedDng,
  captureBand,
  developPreview,
  planSimulated,
  wantsDng,
  type CapturedBand,
  type SimulatedPlan,
  type SimulatedShot,
} from '@velmo/core/capture';
import { nominalIso, timeWords } from '@velmo/core/exposure';
import { frameId, newStem } from '../camera/frameNames';
import { keepFrame, type KeptFrame } from '../camera/keepFrame';
import { pictureFiles } from '../camera/pictureFiles';
import { canvasOf, jpegBytes, thumbnailUrl } from '../camera/thumbnail';
import type { NameFacts, Naming } from '../rolls/fileNames';
import type { FileToStore } from '../rolls/frameRecord';
import { stopWatch, type StageTimes } from '../state/stages';

const PREVIEW_QUALITY = 0.88;

const nameFacts = ({ shot, scene }: SimulatedPlan): NameFacts => ({
  ...shot.capturedAt,
  place: scene.id,
  time: timeWords(shot.timeS).replace('/', '-').replace(' ', ''),
  iso: nominalIso(shot.isoClick),
});

const api = {
  /** Exposes and compresses one band of a shot. */
  band(shot: SimulatedShot, band: number): { band: CapturedBand; stages: StageTimes } {
    const { stages, end } = stopWatch();
    const captured = captureBand(planSimulated(shot), band, end);
    const { tiles, raw, previewRaw } = captured;
    const arrays = [...tiles, previewRaw, ...(raw ? [raw] : [])];
    return transfer(
      { band: captured, stages },
      arrays.map((a) => a.buffer as ArrayBuffer),
    );
  },

  /** Puts the bands together into the files the shot asks for, and stores the frame. */
  async finish(
    shot: SimulatedShot,
    bands: CapturedBand[],
    naming: Naming,
    onShare: (share: number) => void,
  ): Promise<{ kept: KeptFrame; stages: StageTimes }> {
    const { stages, end } = stopWatch();
    const plan = planSimulated(shot);
    const stem = await newStem(naming, nameFacts(plan));
    const preview = developPreview(plan, bands);
    const canvas = canvasOf(preview.rgba, preview.width, preview.height);
    const thumbnail = await thumbnailUrl(canvas, shot.upright ? 6 : 1);
    const files: FileToStore[] = [];
    if (wantsDng(shot.files)) {
      const jpeg = await jpegBytes(canvas, PREVIEW_QUALITY);
      const parts = assembleSimulatedDng(plan, bands, jpeg);
      files.push({ kind: 'dng', name: `${stem}.dng`, parts });
    }
    end('assemble');
    files.push(...(await pictureFiles(plan, bands, stem, end)));
    const kept = await keepFrame(
      {
        version: 1,
        id: frameId(shot.capturedAt.epochMs),
        capturedAt: shot.capturedAt.epochMs,
        source: `${plan.scene.name} (simulated)`,
        summary: `${timeWords(shot.timeS)} · ISO ${nominalIso(shot.isoClick)}`,
        thumbnail,
      },
      files,
      onShare,
    );
    end('store');
    return { kept, stages };
  },
};

export type SimulatedCaptureApi = typeof api;
expose(api);
