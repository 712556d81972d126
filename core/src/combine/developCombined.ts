import { developRgb } from '../colour/develop/develop';
import { developFrame } from '../files/developFrame';
import { LINEAR_SHIFT, rawDeveloper } from '../files/rawDeveloper';
import { COMBINED_BLACK, COMBINED_WHITE, wholeLight, type CombinedLight } from './combinedDng';
import type { FinishedPicture } from './finish/pictureOf';

/** Combined light developed as any raw is: for light that fits a picture as it is. */
export function developCombined({ light, file, baselineExposure }: CombinedLight): FinishedPicture {
  const { kind, width, height, crop } = file.raw;
  const raw = { ...file.raw, blackLevel: COMBINED_BLACK, whiteLevel: COMBINED_WHITE };
  const developer = rawDeveloper({ ...file, raw, baselineExposure });
  const whole = wholeLight(light);
  if (kind === 'cfa')
    return developFrame(
      { raw: whole, width, height, whiteLevel: COMBINED_WHITE },
      developer,
      crop,
      false,
    );
  const data = new Uint8ClampedArray(4 * crop.width * crop.height);
  const row = new Uint16Array(3 * crop.width);
  for (let y = 0; y < crop.height; y++) {
    const from = 3 * ((crop.y + y) * width + crop.x);
    for (let i = 0; i < row.length; i++) row[i] = whole[from + i] >> LINEAR_SHIFT;
    developRgb(row, developer, data.subarray(4 * y * crop.width, 4 * (y + 1) * crop.width));
  }
  return { data, width: crop.width, height: crop.height };
}
