import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  circlesIn,
  readImports,
  wayBetween,
  type Import,
  type ImportGraph,
} from '../architecture/imports';
import { pictures, PICTURES } from '../architecture/pictures';
import { roomRows } from '../architecture/rooms';
import { handedOn } from '../architecture/way';

const graph = readImports();
const docs = join(__dirname, '../../docs');

const runs = (file: string): Import => ({ file, typeOnly: false, starts: false });

/** What runs with a file: its imports and theirs, types and started workers aside. */
function runsWith(file: string): string[] {
  const all = new Set([file]);
  for (const at of all)
    for (const { file: next, typeOnly, starts } of graph.get(at) ?? [])
      if (!typeOnly && !starts) all.add(next);
  return [...all];
}

describe('the architecture, read from the imports', () => {
  test('the pictures are what the imports say (npm run architecture)', () => {
    for (const [name, svg] of pictures(graph))
      expect(readFileSync(join(PICTURES, name), 'utf8')).toBe(svg);
  });

  test('no worker brings screens, instruments or plates along', () => {
    const workers = [...graph.keys()].filter((file) => file.endsWith('.worker.ts'));
    expect(workers.length).toBeGreaterThan(5);
    const inside = workers.flatMap(runsWith);
    expect(inside).toContain('core/src/monitor/monitorPass.ts');
    expect(inside.filter((f) => /^app\/src\/(screens|instruments|theme|app)\//.test(f))).toEqual(
      [],
    );
  });

  test('no folder holds more than about twenty files', () => {
    const count = new Map<string, number>();
    for (const file of graph.keys()) {
      const folder = file.slice(0, file.lastIndexOf('/'));
      count.set(folder, (count.get(folder) ?? 0) + 1);
    }
    expect([...count].filter(([, files]) => files > 22)).toEqual([]);
  });

  test('no file comes back to itself', () => {
    expect(circlesIn(readImports('index'))).toEqual([]);
    const circle: ImportGraph = new Map([
      ['x/a.ts', [runs('x/b.ts')]],
      ['x/b.ts', [{ ...runs('x/a.ts'), typeOnly: true }, runs('x/c.ts')]],
      ['x/c.ts', [{ ...runs('x/a.ts'), starts: true }, runs('x/b.ts')]],
    ]);
    expect(circlesIn(circle)).toEqual([
      ['x/b.ts', 'x/c.ts', 'x/b.ts'],
      ['x/c.ts', 'x/b.ts', 'x/c.ts'],
    ]);
  });

  test('rooms that go in a circle are named', () => {
    const rooms = new Map([
      ['core/a', new Set(['core/b'])],
      ['core/b', new Set(['core/a'])],
    ]);
    expect(() => roomRows(rooms)).toThrow('In a circle: core/a > core/b > core/a');
    rooms.get('core/b')!.clear();
    expect(roomRows(rooms)).toEqual([['core/a'], ['core/b']]);
  });

  test('a way is told by the files it takes, and refused where none leads there', () => {
    const small: ImportGraph = new Map([
      ['x/a.ts', [runs('x/b.ts')]],
      ['x/b.ts', [runs('x/c.ts')]],
      ['x/c.ts', []],
    ]);
    expect(wayBetween(small, 'x/a.ts', 'x/c.ts')).toEqual(['x/a.ts', 'x/b.ts', 'x/c.ts']);
    const way = ['x/a.ts', 'x/c.ts', 'x/b.ts'].map((file) => ({ what: '', file }));
    expect(handedOn(small, way, 1)).toBe('b.ts');
    expect(() => handedOn(small, way, 2)).toThrow('No imports lead from x/c.ts to x/b.ts');
  });

  test('every decision is in the index', () => {
    const index = readFileSync(join(docs, 'decisions/README.md'), 'utf8');
    const decisions = readdirSync(join(docs, 'decisions')).filter((f) => /^\d/.test(f));
    expect(decisions.filter((file) => !index.includes(`(${file})`))).toEqual([]);
  });
});
