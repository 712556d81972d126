import { execFile, spawn } from 'node:child_process';
import { promisify } from 'node:util';

/** A screen that nobody sees. */
export interface Screen {
  /** What programs know it by: ":99". */
  readonly display: string;
  /** All of it, as PNG. */
  photograph(): Promise<Buffer>;
  stop(): void;
}

const SIZE = '1600x1200x24';

/** Starts an X server without hardware; it chooses a display and says which. */
export function startScreen(): Promise<Screen> {
  const server = spawn('Xvfb', ['-displayfd', '3', '-screen', '0', SIZE, '-nolisten', 'tcp'], {
    stdio: ['ignore', 'ignore', 'ignore', 'pipe'],
  });
  return new Promise((resolve, reject) => {
    server.on('error', reject);
    server.on('exit', () => reject(new Error('the X server did not start')));
    server.stdio[3]!.on('data', (data: Buffer) => {
      const display = `:${data.toString().trim()}`;
      resolve({
        display,
        stop: () => void server.kill(),
        async photograph() {
          const { stdout } = await promisify(execFile)(
            'import',
            ['-display', display, '-window', 'root', 'png:-'],
            { encoding: 'buffer', maxBuffer: 1 << 26 },
          );
          return stdout;
        },
      });
    });
  });
}
