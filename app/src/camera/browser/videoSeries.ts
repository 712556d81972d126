import {
  evenPoints,
  ignoresExposure,
  recoverResponse,
  SeriesPoints,
  type RecoveredResponse,
} from '@velmo/core/response';

/** Frames of a picture; averaged, they lie between codes. */
const FRAMES = 6;
/**
 * Mean codes of frames that follow each other differ by less than this once the camera has settled.
 */
const SETTLED_CODES = 0.7;
/** So many alike frames, and no more than so many in all, are waited for. */
const ALIKE = 3;
const MAX_FRAMES = 90;

type Taken = ReturnType<SeriesPoints['picture']>;

/**
 * Gathers the pictures of a guided series from the frames that come by, each once the camera has
 * settled.
 */
export class VideoSeries {
  private readonly pictures: Taken[] = [];
  private gathering: {
    readonly exposureStops: number;
    skip: number;
    waited: number;
    alike: number;
    mean: number;
    frames: number;
    points: SeriesPoints | null;
    readonly done: () => void;
  } | null = null;
  private size = '';

  /**
   * Gathers one picture from the frames to come.
   *
   * @param skip frames let go first, which may have been exposed before
   */
  gather(exposureStops: number, skip: number): Promise<void> {
    return new Promise((done) => {
      this.gathering = {
        exposureStops,
        skip,
        waited: 0,
        alike: 0,
        mean: NaN,
        frames: 0,
        points: null,
        done,
      };
    });
  }

  frame(rgba: Uint8ClampedArray, width: number, height: number): void {
    const now = this.gathering;
    if (!now) return;
    if (now.skip-- > 0) return;
    if (now.alike < ALIKE && now.waited++ < MAX_FRAMES) {
      const mean = meanGreen(rgba);
      now.alike = Math.abs(mean - now.mean) < SETTLED_CODES ? now.alike + 1 : 0;
      now.mean = mean;
      return;
    }
    const size = `${width} ${height}`;
    if (this.size === '') this.size = size;
    // Turned meanwhile: what was seen no longer lies where it lay. The series will be found not to
    // fit.
    if (size === this.size) (now.points ??= new SeriesPoints(width, height)).add(rgba);
    if (++now.frames < FRAMES) return;
    if (now.points) this.pictures.push(now.points.picture(now.exposureStops));
    this.gathering = null;
    now.done();
  }

  /** The pictures so far show that the camera does not follow: more of them say nothing else. */
  get isIgnored(): boolean {
    return ignoresExposure(evenPoints(this.pictures));
  }

  recover(): RecoveredResponse {
    return recoverResponse(evenPoints(this.pictures));
  }
}

function meanGreen(rgba: Uint8ClampedArray): number {
  let [sum, n] = [0, 0];
  for (let i = 1; i < rgba.length; i += 64, n++) sum += rgba[i];
  return sum / n;
}
