import type { PixelBox } from '../../optics/aspect';
import type { RawFile } from '../../files/rawFile';

/** What is said of a frame that was demosaiced to be laid on others: what all show is seen. */
export function alignedFile(file: RawFile, common: PixelBox): RawFile {
  const { crop } = file.raw;
  const x = Math.max(crop.x, common.x);
  const y = Math.max(crop.y, common.y);
  return {
    ...file,
    raw: {
      ...file.raw,
      kind: 'linear',
      samplesPerPixel: 3,
      crop: {
        x,
        y,
        width: Math.max(2, Math.min(crop.x + crop.width, common.x + common.width) - x),
        height: Math.max(2, Math.min(crop.y + crop.height, common.y + common.height) - y),
      },
    },
  };
}
