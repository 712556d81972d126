import {
  bayerOf,
  librawLinear,
  librawMosaic,
  type DecodedRaw,
  type LibrawMetadata,
} from '@velmo/core/files';
import { LibrawGone, LibrawWorker } from './librawWorker';

/** Ways to interpolate, best first: the better ones do not take every pattern. */
const QUALITIES = [3, 0];

/** Reads a raw file of any maker LibRaw knows. Rejects with a sentence where it cannot. */
export async function readByLibraw(bytes: Uint8Array<ArrayBuffer>): Promise<DecodedRaw> {
  const libraw = new LibrawWorker();
  try {
    await libraw.openMosaic(bytes).catch((error: unknown) => {
      if (error instanceof LibrawGone) throw error;
      throw new Error('This is no raw file that is known, or it is broken.');
    });
    const metadata = await libraw.metadata();
    if (!metadata || !(metadata.width > 0)) throw new Error('This raw file is broken.');
    if (bayerOf(metadata.filters)) return await mosaicOf(libraw, metadata);
  } finally {
    libraw.end();
  }
  return interpolated(bytes);
}

async function mosaicOf(libraw: LibrawWorker, metadata: LibrawMetadata): Promise<DecodedRaw> {
  const halved = await libraw.picture();
  const mosaic = await libraw.mosaic();
  if (!halved?.data || !mosaic?.data)
    throw new Error('This raw file is compressed in a way that is not supported, or broken.');
  return librawMosaic(metadata, mosaic.data, halved);
}

async function interpolated(bytes: Uint8Array<ArrayBuffer>): Promise<DecodedRaw> {
  for (const quality of QUALITIES) {
    const libraw = new LibrawWorker();
    try {
      await libraw.openInterpolated(bytes, quality);
      const metadata = await libraw.metadata();
      const rgb = await libraw.picture();
      if (metadata && rgb?.data) return librawLinear(metadata, rgb);
    } finally {
      libraw.end();
    }
  }
  throw new Error('This raw file is compressed in a way that is not supported, or broken.');
}
