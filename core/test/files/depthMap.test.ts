import { readFileSync } from 'node:fs';
import { decodeRaw, readDng } from '../../src/files';
import { TiffReader } from '../../src/files/tiff/reader';
import { depthAt, WALL_M } from '../../src/scene';
import { plainShot, planSimulated } from '../../src/simulate';
import { run, shoot } from '../support/shots';

/** Depth maps of simulated frames: DNG 1.5.0.0, as ExifTool reads them. */

const SUB_IFDS = 330;
const STRIP_OFFSETS = 273;

const tagsOf = (path: string): Record<string, unknown> =>
  JSON.parse(run('exiftool', ['-json', '-n', '-G1', '-a', path]).toString())[0] as Record<
    string,
    unknown
  >;

/** Samples of the depth map, by what its directory says. */
function samplesIn(path: string): { samples: Uint16Array; width: number; height: number } {
  const bytes = new Uint8Array(readFileSync(path));
  const reader = new TiffReader(bytes);
  const directory = reader.directory(reader.numbers(reader.root(), SUB_IFDS)[1]);
  const [width, height] = [256, 257].map((tag) => reader.first(directory, tag)!);
  const at = reader.first(directory, STRIP_OFFSETS)!;
  return {
    samples: new Uint16Array(bytes.slice(at, at + 2 * width * height).buffer),
    width,
    height,
  };
}

const SHED = ['--scene', 'drying-shed', '--mp', '3', '--time', '1/60', '--seed', '3'] as const;

describe('the depth map of a simulated frame', () => {
  test('ExifTool finds it beside the raw', () => {
    expect(tagsOf(shoot(...SHED))).toMatchObject({
      'IFD0:DNGVersion': '1 5 0 0',
      'IFD0:DNGBackwardVersion': '1 3 0 0',
      'IFD0:DepthFormat': 2,
      'IFD0:DepthUnits': 1,
      'IFD0:DepthMeasureType': 1,
      'SubIFD:SubfileType': 0,
      'SubIFD1:SubfileType': 8,
      'SubIFD1:PhotometricInterpretation': 51177,
      'SubIFD1:ImageWidth': 160,
      'SubIFD1:ImageHeight': 120,
      'SubIFD1:BitsPerSample': 16,
    });
  });

  test('ExifTool warns of nothing but depth tags where its list of tags is older than they are', () => {
    const said = run('exiftool', ['-a', '-s3', '-validate', '-warning', shoot(...SHED)]).toString();
    const [verdict, ...warnings] = said.trim().split('\n');
    if (verdict === 'OK') return;
    expect(verdict).toBe('5 Warnings (all minor)');
    for (const w of warnings)
      expect(w).toMatch(/^\[minor\] Non-standard IFD0 tag 0xc7\w\w Depth\w+$/);
    expect(warnings).toHaveLength(5);
  });

  // How samples stand for distances is from memory of the same document: 0 is nearest, the largest
  // is farthest, reciprocals go evenly between.
  test('says how far away each place is, to one part in ten thousand of the range', () => {
    const path = shoot(...SHED);
    const tags = tagsOf(path);
    const near = Number(tags['IFD0:DepthNear']);
    // The sky stands in the door: the farthest reciprocal is 0.
    expect(tags['IFD0:DepthFar']).toBe('inf');
    const { samples, width, height } = samplesIn(path);
    const { scene, framing, ...plan } = planSimulated({
      ...plainShot('drying-shed'),
      sizeMp: 3,
    });
    let worst = 0;
    for (let row = 4; row < height; row += 17)
      for (let column = 4; column < width; column += 13) {
        const place = [
          ((column + 0.5) * plan.width) / width,
          ((row + 0.5) * plan.height) / height,
        ] as const;
        const share = samples[row * width + column] / 65535;
        const reciprocal = (1 / near) * (1 - share);
        worst = Math.max(worst, Math.abs(reciprocal - 1 / depthAt(scene, framing, ...place)));
      }
    expect(worst).toBeLessThan(1e-4 / near);
    expect(Math.min(...samples)).toBe(0);
    expect(Math.max(...samples)).toBe(65535);
  });

  test('the Test wall is where it was built, all over', () => {
    const path = shoot('--scene', 'test-wall', '--mp', '3', '--time', '1/60', '--seed', '3');
    const tags = tagsOf(path);
    expect(Number(tags['IFD0:DepthNear'])).toBeCloseTo(WALL_M, 3);
    expect(Number(tags['IFD0:DepthFar'])).toBeCloseTo(WALL_M, 3);
  });

  test('the raw beside it is read as before, by us and by LibRaw', () => {
    const path = shoot(...SHED);
    const dng = readDng(new Uint8Array(readFileSync(path)));
    expect([dng.raw.kind, dng.version]).toEqual(['cfa', '1.5.0.0']);
    expect(decodeRaw(dng).length).toBe(dng.raw.width * dng.raw.height);
    expect(run('raw-identify', ['-v', path]).toString()).toContain(
      `Image size:  ${dng.raw.width} x ${dng.raw.height}`,
    );
  });
});
