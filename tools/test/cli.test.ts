import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const ROOT = join(__dirname, '../..');
const folder = mkdtempSync(join(tmpdir(), 'velmo-cli-'));

const tool = (...args: string[]) =>
  spawnSync('npm', ['run', '-s', 'tool', '--', ...args], { cwd: ROOT, encoding: 'utf8' });

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
    const told = tool('inspect', out);
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
