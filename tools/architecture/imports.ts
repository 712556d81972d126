import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import ts from 'typescript';

const ROOT = join(__dirname, '../..');

/** One file's knowledge of another: at run time, or of its types alone. */
export interface Import {
  readonly file: string;
  readonly typeOnly: boolean;
  /** It is a worker that the file starts. */
  readonly starts: boolean;
}

/** By file, from the root: what it imports of this repository, the files behind a room's index. */
export type ImportGraph = ReadonlyMap<string, readonly Import[]>;

interface Spoken {
  readonly from: string;
  readonly names: readonly string[] | null;
  readonly typeOnly: boolean;
  readonly starts: boolean;
}

const SOURCES = ['core/src', 'app/src', 'server/src'];

function fileOf(path: string): string | null {
  const base = relative(ROOT, path);
  const ends = ['', '.ts', '.tsx', '.js', '/index.ts', '/index.tsx'];
  for (const end of ends)
    if (/\.(ts|tsx|js)$/.test(base + end) && existsSync(join(ROOT, base + end))) return base + end;
  return null;
}

function resolved(from: string, spoken: string): string | null {
  const file = /^@velmo\/core\/file\/(.+)$/.exec(spoken);
  if (file) return fileOf(join(ROOT, 'core/src', file[1]!));
  const room = /^@velmo\/core\/(\w+)$/.exec(spoken);
  if (room) return fileOf(join(ROOT, 'core/src', room[1]!));
  return spoken.startsWith('.') ? fileOf(resolve(ROOT, dirname(from), spoken)) : null;
}

const namesOf = (
  elements: ts.NodeArray<ts.ImportSpecifier> | ts.NodeArray<ts.ExportSpecifier>,
): string[] => [...elements].map((e) => (e.propertyName ?? e.name).text);

function importSpoken({ moduleSpecifier, importClause: clause }: ts.ImportDeclaration): Spoken {
  const bindings = clause?.namedBindings;
  // A default beside names is all of the file.
  const list = bindings && ts.isNamedImports(bindings) && !clause.name ? bindings.elements : null;
  return {
    from: (moduleSpecifier as ts.StringLiteral).text,
    names: list && namesOf(list),
    typeOnly: clause?.isTypeOnly || (list?.every((e) => e.isTypeOnly) ?? false),
    starts: false,
  };
}

function exportSpoken({ moduleSpecifier, exportClause, isTypeOnly }: ts.ExportDeclaration): Spoken {
  const list = exportClause && ts.isNamedExports(exportClause) ? exportClause.elements : null;
  const from = (moduleSpecifier as ts.StringLiteral).text;
  return { from, names: list && namesOf(list), typeOnly: isTypeOnly, starts: false };
}

/** `new URL('./x.worker.ts', import.meta.url)`: a worker that is started. */
function workerSpoken({ expression, arguments: args }: ts.NewExpression): Spoken | null {
  const [from, base] = args ?? [];
  if (expression.getText() !== 'URL' || base?.getText() !== 'import.meta.url') return null;
  return from && ts.isStringLiteral(from)
    ? { from: from.text, names: null, typeOnly: false, starts: true }
    : null;
}

/** `import('./x')`: what is loaded late. */
function lateSpoken({ expression, arguments: [from] }: ts.CallExpression): Spoken | null {
  return expression.kind === ts.SyntaxKind.ImportKeyword && from && ts.isStringLiteral(from)
    ? { from: from.text, names: null, typeOnly: false, starts: false }
    : null;
}

function spokenIn(node: ts.Node): Spoken | null {
  if (ts.isImportDeclaration(node)) return importSpoken(node);
  if (ts.isExportDeclaration(node)) return node.moduleSpecifier ? exportSpoken(node) : null;
  if (ts.isCallExpression(node)) return lateSpoken(node);
  return ts.isNewExpression(node) ? workerSpoken(node) : null;
}

/** What a file says that it imports or exports from elsewhere, and the workers that it starts. */
function spokenBy(file: string): Spoken[] {
  const text = readFileSync(join(ROOT, file), 'utf8');
  const spoken: Spoken[] = [];
  const visit = (node: ts.Node): void => {
    const found = spokenIn(node);
    if (found) spoken.push(found);
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true));
  return spoken;
}

/**
 * Reads the imports of core, app and server.
 *
 * @param through what is imported from a room's index: the files behind it, or the index itself
 */
export function readImports(through: 'files' | 'index' = 'files'): ImportGraph {
  const listed = execFileSync('git', ['ls-files', ...SOURCES], { cwd: ROOT, encoding: 'utf8' });
  const files = listed.split('\n').filter((f) => /\.tsx?$/.test(f) && existsSync(join(ROOT, f)));
  const spoken = new Map(files.map((file) => [file, spokenBy(file)]));
  /** The file that a name of an index comes from. */
  const behind = (index: string, name: string): string | null => {
    for (const { from, names } of spoken.get(index) ?? [])
      if (names?.includes(name)) return resolved(index, from);
    return null;
  };
  const graph = new Map<string, Import[]>();
  for (const [file, all] of spoken) {
    const imports: Import[] = [];
    for (const { from, names, typeOnly, starts } of all) {
      const target = resolved(file, from);
      if (!target) continue;
      const isIndex = through === 'files' && /^core\/src\/\w+\/index\.ts$/.test(target);
      const targets = isIndex && names ? names.map((n) => behind(target, n) ?? target) : [target];
      for (const to of new Set(targets)) imports.push({ file: to, typeOnly, starts });
    }
    graph.set(file, imports);
  }
  return graph;
}

/**
 * The shortest way of imports from one file to another, both included; null where there is none.
 */
export function wayBetween(graph: ImportGraph, from: string, to: string): string[] | null {
  const came = new Map<string, string | null>([[from, null]]);
  for (const file of came.keys()) {
    if (file === to) {
      const way = [to];
      for (let at = came.get(to); at; at = came.get(at)) way.unshift(at);
      return way;
    }
    for (const next of graph.get(file) ?? []) if (!came.has(next.file)) came.set(next.file, file);
  }
  return null;
}

/**
 * The shortest ways of imports that lead from a file back to itself, types and started workers
 * aside.
 */
export function circlesIn(graph: ImportGraph): string[][] {
  const running = new Map(
    [...graph].map(([file, all]) => [file, all.filter((i) => !i.typeOnly && !i.starts)]),
  );
  return [...running].flatMap(([file, imports]) =>
    imports.flatMap((next) => {
      const back = wayBetween(running, next.file, file);
      return back ? [[file, ...back]] : [];
    }),
  );
}
