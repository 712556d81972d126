import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { VALID_WITH_DEPTH } from '../../core/test/support/validated';

const ROOT = join(__dirname, '../..');
const folder = mkdtempSync(join(tmpdir(), 'velmo-cli-'));

/** What `npm run -s tool` runs, without npm's own start before each run. */
const tool = (...args: string[]) =>
  spawnSync(process.execPath, ['--import', 'tsx', 'tools/cli/cli.ts', ...args], {
    cwd: ROOT,
    encoding: 'utf8',
    env: { ...process.env, VELMO_CWD: ROOT },
  });

const run = (program: string, ...args: string[]): Buffer =>
  execFileSync(program, args, { maxBuffer: 1 << 26, stdio: ['ignore', 'pipe', 'ignore'] });

/** A raw as a portable grey map of 16 bits. */
function rawOf(pgm: Buffer): { width: number; height: number; body: Buffer } {
  const [, width, height] = /^P5\s+(?:#.*\n)*(\d+)\s+(\d+)\s/
    .exec(pgm.subarray(0, 60).toString('latin1'))!
    .map(Number);
  return { width, height, body: pgm.subarray(pgm.length - 2 * width * height) };
}

/** Mean of the green photosites in the middle, black taken off. */
function greenMean({ width, height, body }: ReturnType<typeof rawOf>): number {
  let sum = 0;
  let n = 0;
  for (let y = (height >> 1) - 30; y < (height >> 1) + 30; y++)
    for (let x = (width >> 1) - 30; x < (width >> 1) + 30; x++)
      if (((x ^ y) & 1) === 1) {
        sum += body.readUInt16BE(2 * (y * width + x)) - 256;
        n++;
      }
  return sum / n;
}

describe('npm run -s tool', () => {
  test('shoots a DNG and says what is in it', () => {
    const out = join(folder, 'f.dng');
    const shot = tool(
      'shoot',
      '--scene',
      'test-wall',
      '--lens',
      'main',
      '--time',
      '1/125',
      '--iso',
      '100',
      '--mp',
      '3',
      '--seed',
      '1',
      '--out',
      out,
    );
    expect([shot.status, shot.stdout]).toEqual([0, '']);
    // As it is called by hand.
    const told = spawnSync('npm', ['run', '-s', 'tool', '--', 'inspect', out], {
      cwd: ROOT,
      encoding: 'utf8',
    });
    expect(told.status).toBe(0);
    expect(JSON.parse(told.stdout)).toMatchObject({
      width: 2016,
      height: 1512,
      cfa: 'RGGB',
      blackLevel: 256,
      whiteLevel: 4095,
      clippedShare: { red: 0, green: 0, blue: 0 },
      exif: { timeS: 1 / 128, iso: 100, make: 'Velmo' },
    });
  });

  test('shoots a series: a line of JSON a frame, whole stops in the raw by dcraw, the same by LibRaw', () => {
    const out = join(folder, 'shed-{n}.dng');
    const place = ['--scene', 'test-wall', '--time', '1/125', '--crop', '4', '--mp', '3'];
    const shot = tool('shoot', ...place, '--series', 'bracket:3:2:dark-first', '--out', out);
    expect(shot.stderr).toBe('');
    const lines = shot.stdout
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line));
    expect(lines.map(({ timeS, biasStops }) => [1 / timeS, biasStops])).toEqual([
      [512, -2],
      [128, 0],
      [32, 2],
    ]);
    const means = lines.map(({ file, frame }) => {
      expect(file).toBe(join(folder, `shed-${frame}.dng`));
      const dcraw = rawOf(run('dcraw', '-D', '-4', '-t', '0', '-c', file));
      run('unprocessed_raw', file);
      const libraw = rawOf(readFileSync(`${file}.pgm`));
      expect(Buffer.compare(dcraw.body, libraw.body)).toBe(0);
      return greenMean(dcraw);
    });
    // A noise of 2 % a photosite over some thousand of them.
    expect(means[1] / means[0] / 4).toBeCloseTo(1, 2);
    expect(means[2] / means[1] / 4).toBeCloseTo(1, 2);
  });

  test('gathers a long exposure into one file, whose metadata tells count, each time and total', () => {
    const out = join(folder, 'long.dng');
    const place = ['--scene', 'test-wall', '--time', '4', '--nd', '9', '--crop', '4', '--mp', '3'];
    const shot = tool('shoot', ...place, '--series', 'long:30:sum', '--out', out);
    expect(shot.stderr).toBe('');
    expect(JSON.parse(shot.stdout)).toMatchObject({ series: 'long', gather: 'sum', frames: 8 });
    const [tags] = JSON.parse(
      run('exiftool', '-json', '-n', '-validate', '-All:All', out).toString(),
    );
    expect(tags).toMatchObject({
      Validate: VALID_WITH_DEPTH,
      CompositeImage: 3,
      CompositeImageCount: '8 8',
      ExposureTime: 4,
      BlackLevel: 16 * 256,
      WhiteLevel: 16 * 4095,
    });
    expect(tags.ImageDescription).toContain('Sum of 8 frames of 4 s each, 32 s in all');
    // Total of all frames: the second of the rationals that Exif 2.32 lists.
    expect(tags.CompositeImageExposureTimes.split(' ').map(Number)[1]).toBe(32);
    const dcraw = rawOf(run('dcraw', '-D', '-4', '-t', '0', '-c', out));
    run('unprocessed_raw', out);
    expect(Buffer.compare(dcraw.body, rawOf(readFileSync(`${out}.pgm`)).body)).toBe(0);
  });

  describe('combines', () => {
    const place = ['--scene', 'drying-shed', '--crop', '4', '--mp', '3', '--time', '1/15'];
    const files = [1, 2, 3].map((n) => join(folder, `dark-${n}.dng`));
    beforeAll(() => {
      const series = ['--series', 'bracket:3:3:dark-first', '--out', join(folder, 'dark-{n}.dng')];
      expect(tool('shoot', ...place, ...series).stderr).toBe('');
    });

    test.each([['merge'], ['focus'], ['average'], ['brightest']])(
      '%s: one DNG and a picture, opened by LibRaw and dcraw',
      (way) => {
        const [out, picture] = [join(folder, `${way}.dng`), join(folder, `${way}.jpg`)];
        const { stderr, stdout } = tool(way, ...files, '--out', out, '--picture', picture);
        expect(stderr).toBe('');
        expect(JSON.parse(stdout)).toMatchObject({ way, frames: 3, file: out, picture });
        const dcraw = rawOf(run('dcraw', '-D', '-4', '-t', '0', '-c', out));
        run('unprocessed_raw', out);
        expect(Buffer.compare(dcraw.body, rawOf(readFileSync(`${out}.pgm`)).body)).toBe(0);
        for (const path of [out, picture])
          expect(run('exiftool', '-s3', '-validate', path).toString().trim()).toBe('OK');
      },
    );

    test('pictures without a raw into one', () => {
      const jpegs = files.map((dng, n) => {
        const path = join(folder, `dark-${n}.jpg`);
        tool('average', dng, dng, '--out', join(folder, 'same.dng'), '--picture', path);
        return path;
      });
      const out = join(folder, 'fused.jpg');
      const { stderr, stdout } = tool('fuse', ...jpegs, '--out', out);
      expect(stderr).toBe('');
      expect(JSON.parse(stdout)).toMatchObject({ way: 'fuse', frames: 3 });
      expect(run('exiftool', '-s3', '-validate', out).toString().trim()).toBe('OK');
      const asRaw = tool('fuse', ...jpegs, '--out', join(folder, 'fused.dng'));
      expect([asRaw.status, asRaw.stderr]).toEqual([2, expect.stringMatching(/end with .jpg/)]);
      const merged = tool('merge', ...jpegs, '--out', out);
      expect([merged.status, merged.stderr]).toEqual([
        2,
        expect.stringMatching(/merge takes raws/),
      ]);
      const raws = tool('fuse', ...files, '--out', out);
      expect([raws.status, raws.stderr]).toEqual([2, expect.stringMatching(/Raws are merged/)]);
    });

    test('stars of a turning sky, as points', () => {
      const night = ['--scene', 'stars-over-the-pans', '--mp', '3', '--time', '8', '--iso', '1600'];
      const series = ['--series', 'interval:40:3', '--out', join(folder, 'night-{n}.dng')];
      expect(tool('shoot', ...night, ...series).stderr).toBe('');
      const frames = [1, 2, 3].map((n) => join(folder, `night-${n}.dng`));
      const out = join(folder, 'stars.dng');
      const { stderr, stdout } = tool('stars', ...frames, '--out', out);
      expect(stderr).toBe('');
      const said = JSON.parse(stdout);
      expect(said).toMatchObject({ way: 'stars', frames: 3, aligned: true });
      expect(said).not.toHaveProperty('leftOut');
      expect(run('exiftool', '-s3', '-validate', out).toString().trim()).toBe('OK');
      run('dcraw_emu', out);
    });

    test('a merge in floating-point numbers, and what is wrong in one line', () => {
      const out = join(folder, 'float.dng');
      expect(tool('merge', ...files, '--out', out, '--float').stderr).toBe('');
      const [bits] = run('exiftool', '-s3', '-n', '-SubIFD:BitsPerSample', out)
        .toString()
        .split('\n');
      expect(['16', '32']).toContain(bits.trim());
      const alone = tool('merge', files[0], '--out', out);
      expect([alone.status, alone.stderr]).toEqual([2, expect.stringMatching(/two files or more/)]);
    });
  });

  const broken = join(folder, 'broken.dng');
  writeFileSync(broken, 'II*\0 and then nothing of use');
  test.each([
    [['inspect', broken], /DNG/],
    [['inspect', join(folder, 'missing.dng')], /no such file/i],
    [['inspect'], /one file/],
    [['shoot', '--scene', 'moon', '--out', 'x.dng'], /--scene must be one of/],
    [['shoot', '--scene', 'test-wall', '--time', '1/3', '--iso', '7', '--out', 'x.dng'], /--iso/],
    [['shoot', '--scene', 'test-wall', '--time', 'slow', '--out', 'x.dng'], /--time/],
    [['shoot', '--scene', 'test-wall', '--mp', '50', '--out', 'x.dng'], /--mp/],
    [['shoot', '--scene', 'test-wall'], /--out/],
    [['shoot', '--scene', 'test-wall', '--series', 'bracket:99', '--out', 'x.dng'], /--series/],
    [['shoot', '--scene', 'test-wall', '--series', 'burst:3', '--out', 'x.dng'], /\{n\}/],
    [['shoot', '--nonsense'], /nonsense/],
    [['frobnicate'], /no command/],
  ])('%j ends with exit 2 and one clear line', (args, line) => {
    const { status, stderr } = tool(...args);
    expect(status).toBe(2);
    const lines = stderr
      .trim()
      .split('\n')
      .filter((l) => !l.startsWith('npm warn'));
    expect(lines).toHaveLength(1);
    expect(lines[0]).toMatch(line);
  });
});
