import type { CapturePlan, SceneRange } from '@velmo/core/series';
import type { NeutralReading } from '@velmo/core/colour';
import type { PicturePoint } from '@velmo/core/exposure';
import type { PushedRight } from '@velmo/core/monitor';
import type { Settings } from '@velmo/core/settings';
import type { DrillPlace } from '@velmo/core/simulate';
import type { RefusedControls } from '../browser/track/trackApplier';
import type { Calibration } from './calibration';
import type { CameraCapabilities } from './capabilities';
import type { CapturedFrame } from './capturedFrame';
import type { Readings } from './readings';
import type { CameraRefusal } from './refusal';
import type { ViewOptions } from './view';

/** How far a capture is. */
export interface CaptureProgress {
  /** 0..1 of the frame under way. */
  readonly share: number;
  readonly stage: string;
  /**
   * Pressing again ends it: an open shutter closes and keeps what it has gathered, a series ends
   * with the frame under way, a countdown is called off.
   */
  readonly open?: boolean;
  /** The picture as far as it has been gathered, as a data URL. */
  readonly picture?: string;
}

/** Who is told of a capture while it goes on. */
export interface CaptureEvents {
  onProgress(progress: CaptureProgress): void;
  /** A frame of an interval could not be made when it was due, and was left out. */
  onMissed(step: number): void;
}

/** What a camera may be able to do besides; absent where it cannot. */
export interface CameraFacets {
  /**
   * The canvas in the page that it draws on already, to be put where the picture belongs; null
   * where there is none, or it has been taken: then one is attached.
   */
  takeCanvas?(): HTMLCanvasElement | null;
  /** Gives the canvas of a loupe that has just been opened. */
  attachLoupe?(canvas: OffscreenCanvas): void;
  /** Goes to another place without being opened anew. */
  goTo?(place: string): CameraCapabilities;
  /**
   * Turns the camera as if the picture were dragged by shares of its width and height; returns
   * where the pins of the view have gone.
   */
  pan?(dx: number, dy: number): readonly PicturePoint[];
  /** Scene time runs this much faster than the clock. */
  hasten?(factor: number): void;
  /**
   * The brightest exposure that clips no more than the share allowed by the monitors; null before
   * the first frame.
   */
  pushRight?(allowedShare: number): Promise<PushedRight | null>;
  /**
   * From the brightest texture, of which no more than the share allowed by the monitors may clip,
   * to the darkest tone; null before the first frame.
   */
  sceneRange?(allowedShare: number): Promise<SceneRange | null>;
  /**
   * What a place in the picture, said to be neutral, tells of the light; null before the first
   * frame.
   */
  readNeutral?(at: PicturePoint): Promise<NeutralReading | null>;
  /** Finds focus anew where the settings say; resolves when the lens stands still again. */
  refocus?(): Promise<void>;
  /** Called when the device does not do what it was asked, though it offers it. */
  onRefused?(listener: (refused: RefusedControls) => void): () => void;
  /** How it is held, where it knows by itself: which way is up along its axes, as a unit vector. */
  held?(): { readonly up: readonly [right: number, top: number, back: number] };
  /** From now on frames are tries at a drill, and say so in their files; null: no longer. */
  inDrill?(drill: DrillPlace | null): void;
  /** How its light is calibrated; absent where its light is known. */
  readonly calibration?: Calibration;
}

/**
 * A camera, simulated or real. Opened once, closed once; `apply` may be called at any rate, the
 * latest wins.
 */
export interface CameraDevice extends CameraFacets {
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
  /**
   * Exposes the frames of a plan one after the other; keeping them is another's business. Where the
   * camera looks and how it exposes is taken from the moment of the call, and held.
   *
   * @param roll the roll they belong to
   * @param stop closes an open shutter early; the frame under way is made all the same, and is the
   *   last
   */
  capture(
    plan: CapturePlan,
    roll: string,
    events: CaptureEvents,
    stop: AbortSignal,
  ): AsyncIterable<CapturedFrame>;
  close(): void;
}
