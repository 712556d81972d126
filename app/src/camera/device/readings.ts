import type { PicturePoint } from '@velmo/core/exposure';
import type { WhitePoint } from '@velmo/core/colour';

/**
 * The developed picture's histogram: pixels per byte value of red, green, blue and luma, 256 each.
 */
export interface PictureReading {
  readonly histogram: Int32Array;
}

/** What a pin reads. */
export interface PinReading {
  /** Stops from mid-grey. */
  readonly stops: number;
  /**
   * Stops until the channel that clips first clips there; negative past it, 0 where the device sees
   * no further.
   */
  readonly roomStops: number;
}

/** Where the lens stands, and how it came there. */
export interface FocusReading {
  readonly dioptres: number;
  /**
   * Held, fixed for good, being searched, found; not found because of too little light, or of
   * nothing to see; left to a device that does not say how it fares.
   */
  readonly state: 'held' | 'fixed' | 'searching' | 'found' | 'dark' | 'flat' | 'device';
}

/** What is under the loupe. */
export interface LoupeReading {
  /** The place it was asked to look at. */
  readonly at: PicturePoint;
  /** Strength of fine detail: higher is sharper. */
  readonly detail: number;
  /** The same in standard deviations of what noise alone shows. */
  readonly sure: number;
}

/** What one displayed frame says. Only numbers: pixels stay in the worker. */
export interface Readings {
  /** Number of the `apply` this frame was made with. */
  readonly applied: number;
  /** Time and ISO the frame was exposed with, in clicks; null where the device does not say. */
  readonly timeClick: number | null;
  readonly isoClick: number | null;
  readonly differenceClicks: number;
  readonly outOfRange: boolean;
  /**
   * Stops are only estimated: how the camera turns light into its picture has not been measured.
   */
  readonly estimated: boolean;
  /** Light the exposure is worked out from; null when the device's light is not calibrated. */
  readonly ev100: number | null;
  /**
   * The same as the exposure (time clicks + ISO clicks) that renders it mid-grey, behind lens and
   * filter.
   */
  readonly lightClicks: number | null;
  /** Pixels per ladder bin: red, green, blue, luminance. */
  readonly histogram: Uint32Array;
  /** Share of pixels clipped in red, green, blue and in any channel, glints included. */
  readonly clippedShare: readonly [number, number, number];
  readonly clippedAny: number;
  /** The same per channel, glints left out: what is lost of surfaces. */
  readonly clippedSurface: readonly [number, number, number];
  /** Share of pixels that clip in groups of a few pixels. */
  readonly glintShare: number;
  readonly crushedShare: number;
  /** Share of pixels under the zebra, specks left out. */
  readonly zebraShare: number;
  /** What the developed picture shows; null where nobody asked. */
  readonly picture: PictureReading | null;
  /**
   * The light taken as white, and what it multiplies red, green and blue by; null where the device
   * decides.
   */
  readonly white: WhitePoint | null;
  readonly gains: readonly [number, number, number] | null;
  readonly overClipStops: readonly [number, number, number] | null;
  /** Stops from mid-grey at which the raw clips and at which noise takes over. */
  readonly clipStops: number;
  readonly floorStops: number;
  /** One for each pin of the view, in its order. */
  readonly pins: readonly PinReading[];
  /** Null where the device says nothing of its focus. */
  readonly focus: FocusReading | null;
  /** Null while no loupe is open. */
  readonly loupe: LoupeReading | null;
  /** The picture is as sharp as this framing gets; false while it is still being refined. */
  readonly refined: boolean;
  /** Cosine of the declination of the fastest star in the picture; null where there are none. */
  readonly cosDeclination: number | null;
}
