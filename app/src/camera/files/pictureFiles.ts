import {
  developDeepFrame,
  developFrame,
  wantsPicture,
  withMetadata,
  withPngMetadata,
  writePictureTiff,
} from '@velmo/core/files';
import { encode } from 'fast-png';
import {
  mosaicOf,
  simulatedDeveloper,
  simulatedMetadata,
  type CapturedBand,
  type SimulatedPlan,
} from '@velmo/core/simulate';
import type { MadeFile } from '../../storage/frames/madeFrame';
import { madeFile } from './madeFile';
import { canvasOf, jpegBytes } from './thumbnail';

/** Told how long each stage took. */
type StageEnd = (stage: string) => void;

const BITS_16 = 16;

/**
 * The developed picture a shot asks for, at full size and upright: JPEG, TIFF or PNG; none for a
 * DNG alone.
 */
export async function pictureFiles(
  plan: SimulatedPlan,
  bands: readonly CapturedBand[],
  onStage: StageEnd,
): Promise<MadeFile[]> {
  const { files, jpegQuality, upright } = plan.shot;
  if (!wantsPicture(files)) return [];
  const frame = mosaicOf(plan, bands);
  const developer = simulatedDeveloper(plan);
  const shot = simulatedMetadata(plan);
  if (files === 'tiff' || files === 'png') {
    const deep = developDeepFrame(frame, developer, plan.crop, upright);
    onStage('develop');
    const { width, height, data } = deep;
    if (files === 'tiff') {
      const parts = writePictureTiff(data, width, height, shot);
      onStage('tiff');
      return [madeFile('tiff', '.tif', parts)];
    }
    const png = encode({ width, height, data, depth: BITS_16, channels: 3 });
    onStage('png');
    const parts = withPngMetadata(png, width, height, shot);
    return [madeFile('png', '.png', parts)];
  }
  const { width, height, data } = developFrame(frame, developer, plan.crop, upright);
  onStage('develop');
  const jpeg = await jpegBytes(canvasOf(data, width, height), jpegQuality / 100);
  onStage('jpeg');
  return [madeFile('jpeg', '.jpg', withMetadata(jpeg, width, height, shot))];
}
