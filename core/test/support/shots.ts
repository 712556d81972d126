import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { decodeRaw, readDng } from '../../src/files';
import { WALL_M, type Patch } from '../../src/scene';

const ROOT = join(__dirname, '../../..');
const shots = new Map<string, string>();

/**
 * A DNG made by the project's own tool, in a process of its own: Jest's sandbox slows number
 * crunching tenfold. The same arguments give the same file.
 */
export const shoot = (...args: string[]): string => shootAs('frame.dng', ...args);

/** The same under another name: its ending says what is written. */
export function shootAs(name: string, ...args: string[]): string {
  const key = [name, ...args].join(' ');
  const known = shots.get(key);
  if (known) return known;
  const out = join(mkdtempSync(join(tmpdir(), 'velmo-')), name);
  run(process.execPath, [
    '--import',
    'tsx',
    join(ROOT, 'tools/cli/cli.ts'),
    'shoot',
    ...args,
    '--out',
    out,
  ]);
  shots.set(key, out);
  return out;
}

/** The raw values of a DNG, by our own reader. */
export function rawOf(path: string): { raw: Uint16Array; width: number; height: number } {
  const dng = readDng(new Uint8Array(readFileSync(path)));
  return { raw: decodeRaw(dng), width: dng.raw.width, height: dng.raw.height };
}

/** Mean over a box of the photosites a predicate picks. */
export function meanOver(
  data: Uint16Array,
  width: number,
  box: { x0: number; x1: number; y0: number; y1: number },
  pick: (x: number, y: number) => boolean,
): number {
  let sum = 0;
  let n = 0;
  for (let y = box.y0; y < box.y1; y++)
    for (let x = box.x0; x < box.x1; x++)
      if (pick(x, y)) {
        sum += data[y * width + x];
        n++;
      }
  return sum / n;
}

/** Writes bytes to a file of their own in a folder of their own. */
export function fileOf(bytes: Uint8Array, name = 'frame.dng'): string {
  const path = join(mkdtempSync(join(tmpdir(), 'velmo-')), name);
  writeFileSync(path, bytes);
  return path;
}

/** What a program prints; stderr comes along, since judges put their warnings there. */
export function run(program: string, args: string[]): Buffer {
  return execFileSync(program, args, {
    cwd: ROOT,
    maxBuffer: 1 << 28,
    stdio: ['ignore', 'pipe', 'pipe'],
  });
}

export interface PortableMap {
  readonly width: number;
  readonly height: number;
  readonly channels: 1 | 3;
  readonly data: Uint16Array;
}

/** Reads a 16-bit binary PGM or PPM. */
export function readPortableMap(bytes: Buffer): PortableMap {
  const header = /^P([56])\s+(\d+)\s+(\d+)\s+(\d+)\s/.exec(
    bytes.subarray(0, 64).toString('latin1'),
  );
  if (!header || Number(header[4]) < 256) throw new Error('not a 16-bit PGM or PPM');
  const body = bytes.subarray(header[0].length);
  const data = new Uint16Array(Math.floor(body.length / 2));
  for (let i = 0; i < data.length; i++) data[i] = body.readUInt16BE(2 * i);
  return {
    channels: header[1] === '5' ? 1 : 3,
    width: Number(header[2]),
    height: Number(header[3]),
    data,
  };
}

export const readMapFile = (path: string): PortableMap => readPortableMap(readFileSync(path));

/** Inner part of a patch of the Test wall in pixels of a level frame, away from its edges. */
export function patchBox(patch: Patch, width: number, height: number, halfLongTangent: number) {
  const perMetre = width / (2 * halfLongTangent * WALL_M);
  const inset = 0.6;
  return {
    x0: Math.round(width / 2 + (patch.x - patch.halfWidth * inset) * perMetre),
    x1: Math.round(width / 2 + (patch.x + patch.halfWidth * inset) * perMetre),
    y0: Math.round(height / 2 - (patch.y + patch.halfHeight * inset) * perMetre),
    y1: Math.round(height / 2 - (patch.y - patch.halfHeight * inset) * perMetre),
  };
}
