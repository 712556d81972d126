import { depthExtremes, type DepthMap } from '../../sensor/lightPlane';
import type { TiffField } from '../tiff/types';
import { toRational } from '../tiff/rational';
import { COMPRESSION_NONE, SUBFILE_DEPTH, TAG } from './tags';

/** PhotometricInterpretation of a depth map (DNG 1.5). */
const PHOTOMETRIC_DEPTH = 51177;
/** DepthFormat, DepthUnits and DepthMeasureType (DNG 1.5). */
const INVERSE = 2;
const METRES = 1;
const OPTICAL_AXIS = 1;

const MAX = 65535;
/** Distances are told in tenths of a millimetre. */
const PER_METRE = 10_000;
/** Beyond it nothing is told apart from infinity: a phone's lens sees no difference. */
const FAR_M = 1e5;

const rational = (metres: number): number[] =>
  metres === Infinity ? [1, 0] : toRational(metres, PER_METRE);

/** Samples whose reciprocal distance goes evenly from nearest, 0, to farthest, 65535. */
function samplesOf({ depthM }: DepthMap, nearM: number, farM: number): Uint8Array {
  const samples = new DataView(new ArrayBuffer(2 * depthM.length));
  const span = 1 / nearM - 1 / farM;
  for (let i = 0; i < depthM.length; i++) {
    const share = span > 0 ? (1 / nearM - 1 / depthM[i]) / span : 0;
    samples.setUint16(2 * i, Math.round(MAX * Math.min(1, Math.max(0, share))), true);
  }
  return new Uint8Array(samples.buffer);
}

/** A depth map as a DNG holds it (DNG 1.5.0.0, Depth Maps). */
export interface DepthTags {
  /** What the first directory says of it: what its numbers stand for. */
  readonly fields: readonly TiffField[];
  /** Its own directory, beside the raw's. */
  readonly directory: TiffField[];
}

/** A map of reciprocal distances over all of a raw, on a grid as coarse as may be. */
export function depthTags(map: DepthMap): DepthTags {
  const { width, height } = map;
  const [nearest, farthest] = depthExtremes(map.depthM);
  const nearM = Math.min(nearest, FAR_M);
  const farM = farthest > FAR_M ? Infinity : farthest;
  const samples = samplesOf(map, nearM, farM);
  return {
    fields: [
      { tag: TAG.DepthFormat, type: 'SHORT', values: [INVERSE] },
      { tag: TAG.DepthNear, type: 'RATIONAL', values: rational(nearM) },
      { tag: TAG.DepthFar, type: 'RATIONAL', values: rational(farM) },
      { tag: TAG.DepthUnits, type: 'SHORT', values: [METRES] },
      { tag: TAG.DepthMeasureType, type: 'SHORT', values: [OPTICAL_AXIS] },
    ],
    directory: [
      { tag: TAG.NewSubfileType, type: 'LONG', values: [SUBFILE_DEPTH] },
      { tag: TAG.ImageWidth, type: 'LONG', values: [width] },
      { tag: TAG.ImageLength, type: 'LONG', values: [height] },
      { tag: TAG.BitsPerSample, type: 'SHORT', values: [16] },
      { tag: TAG.Compression, type: 'SHORT', values: [COMPRESSION_NONE] },
      { tag: TAG.PhotometricInterpretation, type: 'SHORT', values: [PHOTOMETRIC_DEPTH] },
      { tag: TAG.SamplesPerPixel, type: 'SHORT', values: [1] },
      { tag: TAG.PlanarConfiguration, type: 'SHORT', values: [1] },
      { tag: TAG.RowsPerStrip, type: 'LONG', values: [height] },
      { tag: TAG.StripOffsets, blocks: [samples] },
      { tag: TAG.StripByteCounts, type: 'LONG', values: [samples.length] },
    ],
  };
}
