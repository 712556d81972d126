import { appendFile, open, readFile } from 'node:fs/promises';
import type { ArrivedFile } from '@velmo/core/handoff';

const isArrived = (value: ArrivedFile | null): value is ArrivedFile =>
  typeof value?.sha256 === 'string' &&
  typeof value.path === 'string' &&
  typeof value.device === 'string' &&
  typeof value.bytes === 'number' &&
  typeof value.at === 'number';

function readLine(line: string): ArrivedFile | null {
  try {
    const value = JSON.parse(line) as ArrivedFile | null;
    return isArrived(value) ? value : null;
  } catch {
    // Half a line, written as the power went: that file comes again.
    return null;
  }
}

/** All files that have ever arrived, a line of JSON each, by what they hold. */
export class Arrivals {
  private readonly byHash = new Map<string, ArrivedFile>();
  private total = 0;

  private constructor(private readonly file: string) {}

  static async open(file: string): Promise<Arrivals> {
    const arrivals = new Arrivals(file);
    const text = await readFile(file, 'utf8').catch(() => '');
    for (const line of text.split('\n')) {
      const arrived = readLine(line);
      if (arrived) arrivals.note(arrived);
    }
    // What is added must not lengthen half a line.
    if (text !== '' && !text.endsWith('\n')) await appendFile(file, '\n');
    return arrivals;
  }

  has(sha256: string): boolean {
    return this.byHash.has(sha256);
  }

  get count(): number {
    return this.byHash.size;
  }

  get bytes(): number {
    return this.total;
  }

  /** Those that came last, the latest first. */
  latest(n: number): ArrivedFile[] {
    return [...this.byHash.values()].slice(-n).reverse();
  }

  /** Adds one; it is on disk when this resolves. */
  async add(arrived: ArrivedFile): Promise<void> {
    const handle = await open(this.file, 'a', 0o600);
    try {
      await handle.write(`${JSON.stringify(arrived)}\n`);
      await handle.datasync();
    } finally {
      await handle.close();
    }
    this.note(arrived);
  }

  private note(arrived: ArrivedFile): void {
    if (this.byHash.has(arrived.sha256)) return;
    this.byHash.set(arrived.sha256, arrived);
    this.total += arrived.bytes;
  }
}
