import { KeptRoutines, padded } from '../../wasm';
import type { OpenShutter } from '../moving';
import { inMemory } from '../rays/four';
import { renderRun, type LookMoving } from '../rays/movingRun';
import { PIXEL, SETTING_LENGTH } from '../rays/setting';
import { FREE_AT, layLattice, SETTING_AT, writeReceiving, type Receiving } from './memory';
import { compiledOf } from './places';

/** See renderRun of rays/movingRun.ts, which is what they are in TypeScript. */
interface RunRoutines {
  run(
    startS: number,
    timeS: number,
    count: number,
    lamp: number,
    x: number,
    y: number,
    z: number,
    cosine: number,
    rgb: number,
    distance: number,
    cover: number,
  ): void;
}

/** Rays of one run. */
export const RUN = 1024;
const APART = padded(4 * RUN);

/**
 * What moves along a run of rays: as many floats a ray as its name says, valid until the next run.
 */
export interface MovingRun {
  readonly rgb: Float32Array;
  /** Along the lens' axis, in metres. */
  readonly distance: Float32Array;
  /** Share of the open shutter. */
  readonly cover: Float32Array;
}

/**
 * Rays to something that moves: unit directions and the cosine to the lens' axis, each a float a
 * ray.
 */
export interface Rays {
  readonly x: Float32Array;
  readonly y: Float32Array;
  readonly z: Float32Array;
  readonly cosine: Float32Array;
}

/** Looks up what moves at a place, with vectors where the browser has them. */
export class MovingRuns {
  private readonly routines: KeptRoutines<RunRoutines>;

  constructor(look: LookMoving) {
    const plain = (buffer: ArrayBuffer): RunRoutines => ({
      run(...where) {
        inMemory(buffer);
        renderRun(look, ...where);
      },
    });
    this.routines = new KeptRoutines(compiledOf(look), plain, layLattice);
  }

  /**
   * @param from the first ray of the run
   * @param count at most RUN
   * @param pixelRad angle one pixel covers on the axis
   * @param plain true: without WebAssembly in any case
   */
  of(
    rays: Rays,
    from: number,
    count: number,
    pixelRad: number,
    receiving: Receiving,
    shutter: OpenShutter,
    plain = false,
  ): MovingRun {
    const at = (i: number): number => FREE_AT + i * APART;
    const { buffer, routines } = this.routines.of(at(9), plain);
    const floats = new Float32Array(buffer);
    const setting = floats.subarray(SETTING_AT / 4, SETTING_AT / 4 + SETTING_LENGTH);
    setting[PIXEL] = pixelRad;
    writeReceiving(setting, receiving);
    [rays.x, rays.y, rays.z, rays.cosine].forEach((values, i) =>
      floats.set(values.subarray(from, from + count), at(i) / 4),
    );
    const lamp = receiving.tint ? 1 : 0;
    const [x, y, z, cosine, distance, cover, rgb] = [0, 1, 2, 3, 4, 5, 6].map(at);
    const { startS, timeS } = shutter;
    routines.run(startS, timeS, count, lamp, x, y, z, cosine, rgb, distance, cover);
    return {
      rgb: floats.subarray(rgb / 4, rgb / 4 + 3 * count),
      distance: floats.subarray(distance / 4, distance / 4 + count),
      cover: floats.subarray(cover / 4, cover / 4 + count),
    };
  }
}
