import { decodeLjpeg } from './ljpeg/decode';
import { normalised } from './normalisation';
import type { DecodedRaw } from '../rawFile';
import { gainField } from './gainField';
import type { DngFile } from './readDng';
import { readBlock } from './inflateBlock';
import { COMPRESSION_DEFLATE, COMPRESSION_JPEG } from './tags';

/**
 * All raw samples of a DNG as they are stored, masked borders included, each as its
 * LinearizationTable has it: `width * height * samplesPerPixel` of `dng.stored`, row by row. Throws
 * DngError when a tile is broken.
 */
export function decodeStored({ stored, bytes }: DngFile): Uint16Array {
  const { width, height, samplesPerPixel: n, tileWidth, tileHeight, table } = stored;
  const data = new Uint16Array(width * height * n);
  const across = Math.ceil(width / tileWidth);
  const little = bytes[0] === 0x49;
  for (let i = 0; i < stored.offsets.length; i++) {
    const x = (i % across) * tileWidth;
    const y = Math.floor(i / across) * tileHeight;
    const block = bytes.subarray(stored.offsets[i], stored.offsets[i] + stored.byteCounts[i]);
    const target = {
      data,
      offset: (y * width + x) * n,
      stride: width * n,
      keep: Math.min(tileWidth, width - x) * n,
      keepRows: Math.min(tileHeight, height - y),
    };
    if (stored.compression === COMPRESSION_JPEG)
      decodeLjpeg(block, tileWidth * n, tileHeight, target);
    else
      readBlock(
        block,
        stored.compression === COMPRESSION_DEFLATE,
        tileWidth * n,
        stored,
        little,
        target,
      );
  }
  if (table) for (let i = 0; i < data.length; i++) data[i] = table[data[i]];
  return data;
}

/** A DNG's raw and all that is needed to develop it. Throws DngError when a tile is broken. */
export function decodeDng(dng: DngFile): DecodedRaw {
  const { raw, orientation, profile, asShotNeutral, baselineExposure, chosen, exif } = dng;
  return {
    file: { raw, orientation, profile, asShotNeutral, baselineExposure, chosen, exif },
    data: decodeRaw(dng),
    gains: gainField(dng),
    unapplied: dng.corrections.unapplied,
  };
}

/**
 * The raw of a DNG in its normalised form: `width * height * samplesPerPixel` of `dng.raw`, row by
 * row, none above its white level. Throws DngError when a tile is broken.
 */
export const decodeRaw = (dng: DngFile): Uint16Array =>
  normalised(decodeStored(dng), dng.stored, dng.normalisation);
