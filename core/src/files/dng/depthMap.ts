import type { TiffField } from '../tiff/types';
import { toRational } from '../tiff/rational';
import { TAG } from './tags';

/** How far away what a picture shows is, on a coarse grid over all of its raw. */
export interface DepthMap {
  readonly width: number;
  readonly height: number;
  /** Along the lens axis, in metres, row by row as the raw lies; Infinity for the sky. */
  readonly depthM: Float32Array;
}

/** NewSubfileType and PhotometricInterpretation of a depth map (DNG 1.5). */
const SUBFILE_DEPTH = 8;
const PHOTOMETRIC_DEPTH = 51177;
/** DepthFormat, DepthUnits and DepthMeasureType (DNG 1.5). */
const INVERSE = 2;
const METRES = 1;
const OPTICAL_AXIS = 1;

const UNCOMPRESSED = 1;
const MAX = 65535;
/** Distances are told in tenths of a millimetre. */
const PER_METRE = 10_000;
/** Beyond it nothing is told apart from infinity: a phone's lens sees no difference. */
const FAR_M = 1e5;

const rational = (metres: number): number[] =>
  metres === Infinity ? [1, 0] : toRational(metres, PER_METRE);

/** Nearest and farthest, in metres; infinitely far beyond `FAR_M`. */
function rangeOf({ depthM }: DepthMap): { nearM: number; farM: number } {
  let nearM = Infinity;
  let farM = 0;
  for (const m of depthM) {
    if (m < nearM) nearM = m;
    if (m > farM) farM = m;
  }
  return { nearM: Math.min(nearM, FAR_M), farM: farM > FAR_M ? Infinity : farM };
}

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

/** The directory of a depth map (DNG 1.5.0.0, Depth Maps), beside the raw's. */
export function depthDirectory(map: DepthMap): TiffField[] {
  const { width, height } = map;
  const { nearM, farM } = rangeOf(map);
  const samples = samplesOf(map, nearM, farM);
  return [
    { tag: TAG.NewSubfileType, type: 'LONG', values: [SUBFILE_DEPTH] },
    { tag: TAG.ImageWidth, type: 'LONG', values: [width] },
    { tag: TAG.ImageLength, type: 'LONG', values: [height] },
    { tag: TAG.BitsPerSample, type: 'SHORT', values: [16] },
    { tag: TAG.Compression, type: 'SHORT', values: [UNCOMPRESSED] },
    { tag: TAG.PhotometricInterpretation, type: 'SHORT', values: [PHOTOMETRIC_DEPTH] },
    { tag: TAG.SamplesPerPixel, type: 'SHORT', values: [1] },
    { tag: TAG.PlanarConfiguration, type: 'SHORT', values: [1] },
    { tag: TAG.RowsPerStrip, type: 'LONG', values: [height] },
    { tag: TAG.StripOffsets, blocks: [samples] },
    { tag: TAG.StripByteCounts, type: 'LONG', values: [samples.length] },
  ];
}

/** What the first directory says of a depth map (DNG 1.5.0.0): what its numbers stand for. */
export function depthFields(map: DepthMap): TiffField[] {
  const { nearM, farM } = rangeOf(map);
  return [
    { tag: TAG.DepthFormat, type: 'SHORT', values: [INVERSE] },
    { tag: TAG.DepthNear, type: 'RATIONAL', values: rational(nearM) },
    { tag: TAG.DepthFar, type: 'RATIONAL', values: rational(farM) },
    { tag: TAG.DepthUnits, type: 'SHORT', values: [METRES] },
    { tag: TAG.DepthMeasureType, type: 'SHORT', values: [OPTICAL_AXIS] },
  ];
}
