import { developCombined } from './developCombined';
import { encodedPicture, isPicture } from './picture/pictureFrame';
import type { Combined } from './ways/way';
import type { FinishChoices } from './finish/choices';
import { balanceOf, planFinish, type FinishPlan } from './finish/finish';
import { finishFull, finishLight, smallLight, type FinishedPicture } from './finish/pictureOf';

/** Long side of the picture large differences are measured on. */
const MEASURED_PX = 512;

/** What finishing needs to know of combined light. */
export function finishPlanOf({ result }: Combined): FinishPlan {
  const { light, file, baselineExposure } = result;
  return planFinish(
    smallLight(light, file.raw, balanceOf(file), MEASURED_PX),
    file,
    baselineExposure,
  );
}

/**
 * The picture of combined light at full size, in the raw's own orientation.
 *
 * @param choices how its range is finished; null: it is developed as any raw is
 * @param onShare called with the share that is done
 */
export function combinedPicture(
  combined: Combined,
  choices: FinishChoices | null,
  onShare: (share: number) => void = () => {},
): FinishedPicture {
  const { light, file } = combined.result;
  if (choices)
    return finishFull(finishPlanOf(combined), choices, light, file.raw, balanceOf(file), onShare);
  if (isPicture(file)) return encodedPicture(light, file.raw);
  return developCombined(combined.result);
}

/**
 * The same, small.
 *
 * @param finish choices, and what `finishPlanOf` has measured; null: as above
 * @param longPx its longer side, at most
 */
export function smallPicture(
  { result }: Combined,
  finish: { readonly choices: FinishChoices; readonly plan: FinishPlan } | null,
  longPx: number,
): FinishedPicture {
  const { light, file } = result;
  if (finish) {
    const balanced = smallLight(light, file.raw, balanceOf(file), longPx);
    return finishLight(finish.plan, finish.choices, balanced);
  }
  const small = smallLight(light, file.raw, [1, 1, 1], longPx);
  const { width, height } = small;
  const raw = {
    ...file.raw,
    kind: 'linear' as const,
    samplesPerPixel: 3 as const,
    width,
    height,
    crop: { x: 0, y: 0, width, height },
  };
  if (isPicture(file)) return encodedPicture(small.data, raw);
  return developCombined({ ...result, light: small.data, file: { ...file, raw } });
}
