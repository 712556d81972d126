import type { LibrawMetadata, LibrawPixels } from '@velmo/core/files';
import { version } from 'libraw-wasm/package.json';

/** What is asked of LibRaw's own worker, one thing after the other, and what it answers. */
interface Answer {
  readonly id: number;
  readonly out?: unknown;
  readonly error?: string;
}

/** LibRaw could not be asked: nothing is said of the file. */
export class LibrawGone extends Error {
  override readonly name = 'LibrawGone';
}

/** How LibRaw is to make a picture (its `imgdata.params`); nothing that makes light of light. */
const AS_STORED = {
  outputColor: 0,
  outputBps: 16,
  gamm: [1, 1, 0, 0, 0, 0],
  noAutoBright: true,
  noAutoScale: true,
  userFlip: 0,
} as const;

/** Each colour of a cell of two by two by itself, half as many each way. */
const HALVED = { ...AS_STORED, halfSize: true, fourColorRgb: true, noInterpolation: true };

/** A file that keeps it busy for so long is not what it says. */
const PATIENCE_MS = 90_000;

/**
 * LibRaw (`libraw-wasm`) in a worker of its own, loaded when it is first needed: the build it comes
 * as, beside the app and not in it.
 */
export class LibrawWorker {
  private readonly worker = new Worker(`/libraw/${version}/worker.js`, { type: 'module' });
  private count = 0;
  private readonly broken: Promise<never>;
  private readonly timer: ReturnType<typeof setTimeout>;

  constructor() {
    let fail: (error: Error) => void = () => {};
    this.broken = new Promise<never>((_, reject) => (fail = reject));
    this.broken.catch(() => {});
    this.timer = setTimeout(() => fail(new LibrawGone('Reading it took too long.')), PATIENCE_MS);
    this.worker.onerror = (event) => {
      event.preventDefault();
      fail(
        new LibrawGone(
          'The part of Velmo that reads raw files of other makers could not be loaded, or has too little memory. It is loaded when it is first needed: try again while there is a connection.',
        ),
      );
    };
  }

  end(): void {
    clearTimeout(this.timer);
    this.worker.terminate();
  }

  /**
   * Opens a mosaic: its pictures are halved, its colours by themselves. Rejects for what is no raw.
   */
  openMosaic = (bytes: Uint8Array<ArrayBuffer>): Promise<unknown> =>
    this.ask('open', bytes, HALVED);

  /** Opens a raw that is to be interpolated. @param quality LibRaw's way to do it (`user_qual`) */
  openInterpolated = (bytes: Uint8Array<ArrayBuffer>, quality: number): Promise<unknown> =>
    this.ask('open', bytes, { ...AS_STORED, userQual: quality });

  metadata = () => this.ask('metadata', true) as Promise<LibrawMetadata | undefined>;
  /** Undefined where there is none to be made. */
  picture = () => this.ask('imageData') as Promise<LibrawPixels | undefined>;
  /** All photosites as they are stored. To be asked for after the picture. */
  mosaic = () => this.ask('rawImageData') as Promise<{ readonly data?: Uint16Array } | undefined>;

  private ask(fn: string, ...args: unknown[]): Promise<unknown> {
    const id = this.count++;
    const answered = new Promise((resolve, reject) => {
      const heard = ({ data }: MessageEvent<Answer>): void => {
        if (data.id !== id) return;
        this.worker.removeEventListener('message', heard);
        if (data.error) reject(new Error(data.error));
        else resolve(data.out);
      };
      this.worker.addEventListener('message', heard);
    });
    this.worker.postMessage({ id, fn, args });
    return Promise.race([answered, this.broken]);
  }
}
