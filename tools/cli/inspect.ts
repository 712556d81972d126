import { readFileSync } from 'node:fs';
import { decodeRaw, readDng } from '@velmo/core/files';
import { rawStatistics } from '@velmo/core/monitor';
import { MID_GREY_SHARE } from '@velmo/core/sensor';
import { UsageError, userPath } from './usage';

/** `inspect`: what a DNG holds, as JSON, read by Velmo's own reader. */
export function inspect(args: string[]): void {
  const [path] = args;
  if (path === undefined || args.length !== 1) throw new UsageError('inspect takes one file');
  const dng = readDng(new Uint8Array(readFileSync(userPath(path))));
  const { raw } = dng;
  const { mean, clippedShare } = rawStatistics(decodeRaw(dng), raw.width, raw.samplesPerPixel, {
    blackLevel: raw.blackLevel,
    whiteLevel: raw.whiteLevel,
    midGreyShare: MID_GREY_SHARE,
  });
  const perChannel = ([red, green, blue]: readonly [number, number, number]) => ({
    red,
    green,
    blue,
  });
  console.log(
    JSON.stringify(
      {
        dngVersion: dng.version,
        width: raw.width,
        height: raw.height,
        kind: raw.kind,
        cfa: raw.kind === 'cfa' ? 'RGGB' : null,
        blackLevel: raw.blackLevel,
        whiteLevel: raw.whiteLevel,
        orientation: dng.orientation,
        asShotNeutral: dng.asShotNeutral,
        baselineExposure: dng.baselineExposure,
        meanAboveBlack: perChannel(mean),
        clippedShare: perChannel(clippedShare),
        exif: dng.exif,
      },
      null,
      2,
    ),
  );
}
