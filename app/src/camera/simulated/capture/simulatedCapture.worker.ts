import { wantsDng } from '@velmo/core/files';
import { transfer } from 'comlink';
import {
  assembleSimulatedDng,
  bandMargin,
  captureBand,
  clippedShareOf,
  depthMapOf,
  encodeRawBand,
  exposeBand,
  layPreview,
  planSimulated,
  previewRows,
  StillLight,
  type CapturedBand,
  type SimulatedShot,
} from '@velmo/core/simulate';
import { RawGatherer } from '@velmo/core/sensor';
import type { Gather } from '@velmo/core/series';
import { madeFrame, type FrameJob } from '../../files/frameJob';
import { madeFile } from '../../files/madeFile';
import { pictureFiles } from '../../files/pictureFiles';
import { canvasOf, growingUrl, jpegBytes, thumbnailUrl } from '../../files/thumbnail';
import type { MadeFile, MadeFrame } from '../../../storage/frames/madeFrame';
import { exposeKept } from '../../../workers/exposeKept';
import { stopWatch, type StageTimes } from '../../../state/stages';

const PREVIEW_QUALITY = 0.88;

/** Whole rows of any preview. */
const PRACTISED_ROWS = 64;

const still = new StillLight();
/** What is being gathered, by band. */
const gathered = new Map<number, RawGatherer>();

/** What goes with a band. */
const buffersOf = ({ tiles, preview, raw }: CapturedBand): ArrayBuffer[] =>
  [...tiles, preview, ...(raw ? [raw] : [])].map((a) => a.buffer as ArrayBuffer);

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
    return transfer({ band: captured, stages }, buffersOf(captured));
  },

  /** Makes a few rows of a shot for nothing: the loops of the first press have run before. */
  practise(shot: SimulatedShot): void {
    captureBand({ ...planSimulated(shot), height: PRACTISED_ROWS }, 0);
  },

  /**
   * Computes light of the first rows a band will ask for, ahead of the frame; true when all of them
   * are there.
   */
  prepare(shot: SimulatedShot, band: number, rows: number): boolean {
    const plan = planSimulated(shot);
    return still.prepare(plan, band, rows, bandMargin(plan, band));
  },

  /** Lets go of what was gathered, and of light where it is not to be kept. */
  forget(light: boolean): void {
    gathered.clear();
    if (light) still.forget();
  },

  /**
   * Exposes one band of a shot and adds it to what was gathered of it before. Returns its part of
   * the preview.
   *
   * @param soFar what has been gathered with it; null: no preview is wanted
   */
  gather(
    shot: SimulatedShot,
    band: number,
    gather: Gather,
    soFar: SimulatedShot | null,
  ): Uint8ClampedArray | null {
    const plan = planSimulated(shot);
    const raw = exposeBand(plan, band, undefined, still);
    const gatherer = gathered.get(band) ?? new RawGatherer(gather, raw.length);
    gathered.set(band, gatherer);
    gatherer.add(raw);
    return soFar && previewRows(planSimulated(soFar), gatherer.raw());
  },

  /** What was gathered of one band, compressed; nothing of it is kept. */
  gathered(shot: SimulatedShot, band: number): CapturedBand {
    const gatherer = gathered.get(band);
    if (!gatherer) throw new Error('A part of the picture was lost while it was gathered.');
    gathered.delete(band);
    const captured = encodeRawBand(planSimulated(shot), band, gatherer.raw());
    return transfer(captured, buffersOf(captured));
  },

  /** The picture that has been gathered so far, small, as a data URL. */
  async picture(shot: SimulatedShot, parts: Uint8ClampedArray[]): Promise<string> {
    const bands = parts.map((preview) => ({ preview }));
    const { rgba, width, height } = layPreview(planSimulated(shot), bands);
    return growingUrl(canvasOf(rgba, width, height), shot.upright ? 6 : 1);
  },

  /** Puts the bands together into the frame the shot asks for. */
  async finish(
    shot: SimulatedShot,
    bands: CapturedBand[],
    job: FrameJob,
  ): Promise<{ frame: MadeFrame; stages: StageTimes }> {
    const { stages, end } = stopWatch();
    const plan = planSimulated(shot);
    const { rgba, width, height } = layPreview(plan, bands);
    const canvas = canvasOf(rgba, width, height);
    // The browser encodes both side by side, while what else the file needs is computed.
    const dng = wantsDng(shot.files);
    const encoding = Promise.all([
      dng ? jpegBytes(canvas, PREVIEW_QUALITY) : null,
      thumbnailUrl(canvas, shot.upright ? 6 : 1),
    ]);
    const depth = dng ? depthMapOf(plan) : undefined;
    const [jpeg, thumbnail] = await encoding;
    const files: MadeFile[] = [];
    if (jpeg) files.push(madeFile('dng', '.dng', assembleSimulatedDng(plan, bands, jpeg, depth)));
    end('assemble');
    files.push(...(await pictureFiles(plan, bands, end)));
    const seen = plan.crop;
    const found = {
      origin: 'raw',
      width: shot.upright ? seen.height : seen.width,
      height: shot.upright ? seen.width : seen.height,
      average: shot.gathered ? { frames: shot.gathered.frames, timesLess: null } : null,
      clippedShare: clippedShareOf(plan, bands),
    } as const;
    return { frame: madeFrame(job, found, files, thumbnail), stages };
  },
};

/** What the worker answers. */
export type SimulatedCaptureApi = typeof api;
exposeKept(api);
