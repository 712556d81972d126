import type { Plane } from '@velmo/core/combine';
import type { WhitePoint } from '@velmo/core/colour';
import { orientationCode, orientationMatrix, type DngExif } from '@velmo/core/files';
import type { RawStatistics } from '@velmo/core/monitor';
import type { Development, Pixels, Reframe } from '@velmo/core/recipe';
import { canvasOf, thumbnailUrl } from '../camera/files/thumbnail';
import type { LiveStage } from '../camera/live/liveStage';
import { ShownPicture } from './shownPicture';

/** What a stored frame holds, read from its file. */
export interface FrameSummary {
  /** Size of the picture as it was taken. */
  readonly width: number;
  readonly height: number;
  readonly exif: DngExif;
  /** Pixels per byte value of the developed picture: red, green, blue, luma. */
  readonly picture: Int32Array;
  /** What only a raw tells; null for a developed picture. */
  readonly raw: {
    readonly kind: 'cfa' | 'linear';
    readonly statistics: RawStatistics;
    /** Stops from mid-grey at which the raw clips, and at which noise takes over. */
    readonly clipStops: number;
    readonly floorStops: number;
    /** The light taken as white. */
    readonly white: WhitePoint;
    /** Corrections the file asks for that are not applied to the picture. */
    readonly unapplied: readonly string[];
  } | null;
}

/** What a place of a frame holds. */
export type FrameReading =
  | {
      readonly kind: 'raw';
      /**
       * Luminance in stops from mid-grey, and how many the fullest channel is short of clipping.
       */
      readonly stops: number;
      readonly roomStops: number;
      /** Red, green, blue in stops from mid-grey. */
      readonly channels: readonly [number, number, number];
    }
  | {
      readonly kind: 'picture';
      /** Red, green, blue as bytes of the developed picture. */
      readonly bytes: readonly [number, number, number];
    };

/** Rows developed at a time. */
const BAND_ROWS = 256;

/** The whole as it is measured is about so long. */
const MEASURED_PX = 700;

/** A stored frame, decoded and ready to be looked at. */
export abstract class FrameView extends ShownPicture {
  abstract summary(): FrameSummary;

  /** How its file says it is to be seen; null: as it was taken. */
  asked(): Reframe | null {
    return null;
  }

  /** Reads around a place, 0..1 of what is seen. @param radius in photosites */
  read(at: { x: number; y: number }, radius: number, reframe: Reframe): FrameReading {
    return this.readInFile(this.framing(reframe).placeInFile(at), radius);
  }

  /** The whole as a small plane of tones, as it was taken: what frames are aligned by. */
  plane(): Plane {
    const { stage } = this.stagedWhole(MEASURED_PX, null);
    const tones = this.tones(stage);
    const { width, height } = this.seen(stage);
    const { swapped, flippedX, flippedY } = this.orientation;
    const data = new Float32Array(width * height);
    for (let y = 0, p = 0; y < height; y++) {
      const v = flippedY ? height - 1 - y : y;
      for (let x = 0; x < width; x++, p++) {
        const u = flippedX ? width - 1 - x : x;
        data[p] = tones.data[swapped ? u * stage.width + v : v * stage.width + u];
      }
    }
    return { data, width, height };
  }

  /** All of it at full size, as it was taken: RGBA. */
  pixels(): Pixels<Uint8ClampedArray<ArrayBuffer>> {
    const { width, height } = this.seen(this.size);
    const canvas = new OffscreenCanvas(width, height);
    const context = canvas.getContext('2d', { willReadFrequently: true })!;
    context.transform(...orientationMatrix(this.orientation, this.size));
    for (let y = 0; y < this.size.height; y += BAND_ROWS) {
      const rows = Math.min(BAND_ROWS, this.size.height - y);
      const piece = { x: 0, y, width: this.size.width, height: rows, factor: 1 };
      context.drawImage(this.painted(piece, null, 1), 0, y);
    }
    const { data } = context.getImageData(0, 0, width, height);
    return { data, width, height, channels: 4 };
  }

  /** A small JPEG of it as a data URL. */
  thumbnail(development: Development | null = null): Promise<string> {
    const { stage } = this.stagedWhole(MEASURED_PX, null, development);
    const canvas = canvasOf(stage.picture.data, stage.width, stage.height);
    return thumbnailUrl(canvas, orientationCode(this.orientation));
  }

  /** A place 0..1 of the file. */
  protected abstract readInFile(at: { x: number; y: number }, radius: number): FrameReading;
  /** Tones of what a stage holds, in stops. */
  protected abstract tones(stage: LiveStage): Plane;

  /** The picture's histogram, of the whole. */
  protected pictureHistogram(): Int32Array {
    return this.stagedWhole(MEASURED_PX, null).stage.pictureHistogram();
  }
}
