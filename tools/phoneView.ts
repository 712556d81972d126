import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import jpeg from 'jpeg-js';

const ROOT = join(__dirname, '..');

/**
 * What a phone held upright would see of a simulated place: sRGB pixels for the film camera of the
 * end-to-end tests.
 */
export function phoneView(
  scene: string,
  shot: readonly string[],
  width = 480,
  height = 640,
): { width: number; height: number; rgb: string } {
  const out = join(mkdtempSync(join(tmpdir(), 'velmo-view-')), 'view.jpg');
  const cli = ['--import', 'tsx', join(ROOT, 'tools/cli/cli.ts'), 'shoot', '--scene', scene];
  execFileSync(process.execPath, [...cli, ...shot, '--mp', '3', '--out', out], { cwd: ROOT });
  const { width: w, height: h, data } = jpeg.decode(readFileSync(out), { useTArray: true });
  // The middle of the level picture, cut upright; each pixel the mean of those it covers.
  const scale = h / height;
  const left = (w - width * scale) / 2;
  const rgb = Buffer.alloc(3 * width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const sums = [0, 0, 0];
      let n = 0;
      for (let v = Math.floor(y * scale); v < (y + 1) * scale; v++)
        for (let u = Math.floor(left + x * scale); u < left + (x + 1) * scale; u++, n++)
          for (let c = 0; c < 3; c++) sums[c] += data[4 * (v * w + u) + c];
      for (let c = 0; c < 3; c++) rgb[3 * (y * width + x) + c] = Math.round(sums[c] / n);
    }
  return { width, height, rgb: rgb.toString('base64') };
}
