import { copyFileSync, readFileSync } from 'node:fs';
import { differenceCiede2000 } from 'culori';
import { developDeepFrame, decodeRaw, rawDeveloper, readDng } from '../../src/files';
import { decodeSrgb } from '../../src/colour';
import { TEST_WALL_PATCHES } from '../../src/scene';
import { readMapFile, run, shoot } from '../support/shots';
import { lab, patches } from '../support/wallColours';

/** Our development of a DNG against LibRaw's of the same file. */

describe.each([
  ['2856 K', 'test-wall-lamp', '2856'],
  ['5000 K', 'test-wall', '5003'],
  ['6504 K', 'test-wall-day', '6504'],
])('the Test wall under %s', (_name, scene, white) => {
  // Dark enough that even white lies where the rendering curve is the identity.
  const file = shoot('--scene', scene, '--white', white, '--time', '1/250', '--seed', '3');
  const copy = file.replace('frame.dng', `${scene}.dng`);
  copyFileSync(file, copy);
  // Camera white balance, linear 16-bit sRGB, no automatic brightness.
  run('dcraw_emu', ['-w', '-W', '-4', '-o', '1', copy]);
  const map = readMapFile(`${copy}.ppm`);
  const dng = readDng(new Uint8Array(readFileSync(file)));
  const { width, height } = dng.raw;
  const ours = developDeepFrame(
    { ...dng.raw, raw: decodeRaw(dng) },
    rawDeveloper(dng),
    { x: 0, y: 0, width, height },
    false,
  );
  const mine = patches(ours.data, width, height, (v) => decodeSrgb(v / 65535));
  const theirs = patches(map.data, map.width, map.height);

  test('LibRaw develops every patch as we do: mean CIEDE2000 under 2', () => {
    const distance = differenceCiede2000();
    const all = mine.map((rgb, i) => distance(lab(rgb), lab(theirs[i])));
    const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;
    expect(mean(all)).toBeLessThan(2);
    // Most patches are grey. LibRaw takes the D65 matrix for every light, so painted boards by lamp
    // differ more.
    const boards = all.filter((_, i) => !/wedge|grey|white|black/.test(TEST_WALL_PATCHES[i].id));
    expect(boards).toHaveLength(6);
    expect(mean(boards)).toBeLessThan(scene === 'test-wall-lamp' ? 3.5 : 1.5);
  });

  test('white, grey and black cards come out neutral', () => {
    for (const id of ['white-90', 'grey-18', 'black-3']) {
      const { a, b } = lab(mine[TEST_WALL_PATCHES.findIndex((p) => p.id === id)]);
      expect(Math.hypot(a, b)).toBeLessThan(1.5);
    }
  });
});
