import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Decoder } from 'jpeg-lossless-decoder-js';
import {
  assembleSimulatedDng,
  captureBand,
  layPreview,
  exposeBand,
  plainShot,
  planSimulated,
} from '@velmo/core/simulate';
import { decodeLjpeg, decodeRaw, encodeLjpeg, readDng, TILE_HEIGHT } from '@velmo/core/files';
import { timeSFromClick } from '@velmo/core/exposure';
import jpeg from 'jpeg-js';
import { compared, inTurns, median, reported, type Result } from './measure';

/**
 * Decoding a 12 MP plane against jpeg-lossless-decoder-js; encoding, ratio and dcraw's decode
 * beside it.
 */
export function losslessJpegBench(): Result[] {
  const plan = planSimulated({ ...plainShot('pans-at-noon'), timeS: timeSFromClick(-36) });
  const { width, height } = plan;
  const raw = new Uint16Array(width * height);
  for (let b = 0; b < plan.bands; b++) raw.set(exposeBand(plan, b), b * TILE_HEIGHT * width);
  const encode = (): Uint8Array =>
    encodeLjpeg({
      data: raw,
      offset: 0,
      stride: width,
      available: width,
      availableRows: height,
      width,
      height,
      components: 1,
      precision: 16,
    });
  const bytes = encode();
  const out = new Uint16Array(width * height);
  const target = { data: out, offset: 0, stride: width, keep: width, keepRows: height };
  const buffer = bytes.buffer as ArrayBuffer;
  const decode = inTurns(
    () => decodeLjpeg(bytes, width, height, target),
    () => void new Decoder().decode(buffer, 0, bytes.length, 2),
    5,
  );
  if (out.some((v, i) => v !== raw[i])) throw new Error('decoded values differ');
  return [
    compared(
      'ljpeg-decode',
      decode.ours,
      decode.peer,
      'ms',
      'one 4032x3024 plane of the pans. Peer: jpeg-lossless-decoder-js',
    ),
    reported('ljpeg-encode', timeOf(encode), 'ms', 'the same plane, optimal Huffman table'),
    reported(
      'ljpeg-ratio',
      raw.byteLength / bytes.length,
      'x',
      '16-bit words over compressed bytes, photon noise included',
    ),
    dcrawBench(plan),
  ];
}

const timeOf = (work: () => void): number =>
  median(
    Array.from({ length: 5 }, () => {
      const start = performance.now();
      work();
      return performance.now() - start;
    }),
  );

/**
 * The same frame as a DNG: our reader in process against dcraw as a program, its start (as long as
 * it takes to say what the file is) taken off; its output of the values is in.
 */
function dcrawBench(plan: ReturnType<typeof planSimulated>): Result {
  const bands = Array.from({ length: plan.bands }, (_, i) => captureBand(plan, i));
  const { rgba, width, height } = layPreview(plan, bands);
  const preview = jpeg.encode({ data: Buffer.from(rgba.buffer), width, height }, 80).data;
  const file = join(mkdtempSync(join(tmpdir(), 'velmo-bench-')), 'f.dng');
  const bytes = Buffer.concat(assembleSimulatedDng(plan, bands, new Uint8Array(preview)));
  writeFileSync(file, bytes);
  const times = inTurns(
    () => void decodeRaw(readDng(new Uint8Array(bytes))),
    () => void execFileSync('dcraw', ['-D', '-4', '-c', file], { maxBuffer: 1 << 28 }),
    3,
  );
  const start = timeOf(() => void execFileSync('dcraw', ['-i', file]));
  return compared(
    'dng-decode',
    times.ours,
    times.peer - start,
    'ms',
    `12 MP DNG to raw values. Peer: dcraw -D as a program, its start of ${Math.round(start)} ms excluded, output included; at least 3 asked`,
  );
}
