import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

interface Room {
  readonly sources: readonly string[];
  readonly tests: readonly string[];
  readonly e2e: readonly string[];
}

const root = join(__dirname, '../..');
const rooms = Object.values<Room>(
  JSON.parse(readFileSync(join(__dirname, '../rooms.json'), 'utf8')),
);
const files = execFileSync('git', ['ls-files'], { cwd: root, encoding: 'utf8' }).split('\n');

describe('rooms that are checked by themselves', () => {
  test('every folder of sources is in one', () => {
    const known = rooms.flatMap((room) => room.sources);
    const folders = new Set(
      files.filter((f) => /^(core|app|server)\/src\/.+\/.+\.tsx?$/.test(f)).map((f) => dirname(f)),
    );
    const left = [...folders].filter((f) => !known.some((s) => f === s || f.startsWith(`${s}/`)));
    expect(left.filter((folder) => folder !== 'app/src/screens')).toEqual([]);
  });

  test('every test is in one, and every one has its tests', () => {
    const tests = files.filter((f) => /\.test\.tsx?$/.test(f));
    const patterns = rooms.flatMap((room) => [
      ...room.tests.map((path) => new RegExp(`^${path}[./]`)),
      ...room.e2e.map((suite) => new RegExp(`^e2e/${suite}`)),
    ]);
    expect(tests.filter((t) => !patterns.some((p) => p.test(t)))).toEqual([]);
    expect(patterns.filter((p) => !tests.some((t) => p.test(t)))).toEqual([]);
  });
});
