import type { ClickRange } from '@velmo/core/exposure';
import type { Settings } from '@velmo/core/settings';
import type { StoredFrame } from '../rolls/frameRecord';

/** A lens the device can look through. */
export interface LensChoice {
  readonly id: string;
  /** "26 mm f/1.8", or the device's own name for it. */
  readonly label: string;
}

/** What a device can do. The interface asks this, never which device it talks to. */
export interface CameraCapabilities {
  /** What the status line calls it. */
  readonly label: string;
  /** One plain sentence on where the picture comes from. */
  readonly notice: string;
  /** Range of shutter time in clicks; null: the device decides and Velmo cannot. */
  readonly time: ClickRange | null;
  readonly iso: ClickRange | null;
  /** ISO clicks below this are extended: rendering over base raw data. */
  readonly baseIsoClick: number | null;
  readonly compensation: ClickRange | null;
  readonly lenses: readonly LensChoice[];
  /** Sizes offered; empty when the device gives the one it has. */
  readonly sizesMp: readonly (12 | 3)[];
  /** The tripod changes what auto chooses. */
  readonly knowsSupport: boolean;
  /** Files of one capture, as the Expose bar names them. */
  readonly files: string;
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
  /** Metered light; null when the device's light is not calibrated. */
  readonly ev100: number | null;
  /** Pixels per ladder bin: red, green, blue, luminance. */
  readonly histogram: Uint32Array;
  readonly clippedShare: readonly [number, number, number];
  readonly crushedShare: number;
  readonly overClipStops: readonly [number, number, number] | null;
  /** Stops from mid-grey at which the raw clips and at which noise takes over. */
  readonly clipStops: number;
  readonly floorStops: number;
}

export interface CaptureProgress {
  /** 0..1. */
  readonly share: number;
  readonly stage: string;
}

/** How the picture is shown and marked. */
export interface ViewOptions {
  readonly upright: boolean;
  readonly marks: boolean;
  /** Device pixels per frame pixel, so that marks keep their size on screen. */
  readonly scale: number;
}

/**
 * A camera, simulated or real. Opened once, closed once; `apply` may be called at any rate, the latest wins.
 */
export interface CameraDevice {
  readonly kind: 'simulated' | 'browser';
  /** Starts the camera. Rejects with CameraRefusal. */
  open(): Promise<CameraCapabilities>;
  /** Gives the canvas the live picture is drawn on. */
  attach(canvas: OffscreenCanvas): void;
  /** New settings; returns the number that readings made with them carry. */
  apply(settings: Settings): number;
  view(options: ViewOptions): void;
  onReadings(listener: (readings: Readings) => void): () => void;
  /** Called when the camera goes away by itself. */
  onLost(listener: (refusal: CameraRefusal) => void): () => void;
  /** Exposes and stores one frame. Rejects with FrameNotStored when it could not be kept. */
  capture(settings: Settings, onProgress: (p: CaptureProgress) => void): Promise<StoredFrame>;
  close(): void;
}

export type RefusalReason = 'denied' | 'missing' | 'busy' | 'lost' | 'unsupported' | 'insecure';

/** A camera that cannot be had, and why. */
export class CameraRefusal extends Error {
  override readonly name = 'CameraRefusal';
  constructor(
    readonly reason: RefusalReason,
    message: string,
  ) {
    super(message);
  }
}
