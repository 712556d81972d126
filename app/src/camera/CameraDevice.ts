import type { Situation } from '@velmo/core/consequence';
import type { ClickRange, MeterPattern, PicturePoint, SolverInput } from '@velmo/core/exposure';
import type { NeutralReading, WhitePoint } from '@velmo/core/colour';
import {
  DEFAULT_MONITORS,
  type DepthLook,
  type MonitorSettings,
  type PushedRight,
} from '@velmo/core/monitor';
import type { SharpZone } from '@velmo/core/optics';
import type { FileKind, Settings } from '@velmo/core/settings';
import type { Naming } from '../rolls/fileNames';
import type { FrameSize } from '../rolls/cameraChoice';
import type { CameraLight } from '../rolls/cameraLight';
import type { StoredFrame } from '../rolls/frameRecord';
import type { RefusedControls } from './trackApplier';

/** A lens the device can look through. */
export interface LensChoice {
  readonly id: string;
  /** "26 mm f/2.4", or the device's own name for it. */
  readonly label: string;
}

/** How the focus of a lens can be moved. Detents are even in what the device counts focus in; farther is more. */
export interface FocusControl {
  /** Detents of the tape; null where the lens cannot be moved by hand. */
  readonly range: ClickRange | null;
  readonly clickOf: (dioptres: number) => number;
  readonly dioptresOf: (click: number) => number;
  /** Its detents are steps of the device: how far they focus is not known. */
  readonly steps: boolean;
  /** The distance the lens is fixed at, in metres; null where it moves. */
  readonly fixedM: number | null;
  /** What looks sharp with the lens at a focus; null where aperture and focal length are not known. */
  readonly zoneOf: (dioptres: number) => SharpZone | null;
  readonly hyperfocalM: number | null;
  /** The camera can find focus at a place in the picture. */
  readonly findsAtPlace: boolean;
}

/** How white balance is chosen. */
export interface WhiteControl {
  readonly kelvin: { readonly min: number; readonly max: number };
  /** Tint too, and a neutral can be read off the picture. */
  readonly tint: boolean;
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
  /** Where the device does it itself, only what it does itself. */
  readonly compensation: ClickRange | null;
  readonly lenses: readonly LensChoice[];
  /** Sizes offered; empty when the device gives the one it has. */
  readonly sizesMp: readonly (12 | 3)[];
  /** Tripod, stabiliser, filters, torch, zoom and subject can be chosen, and change picture or advice. */
  readonly hasRig: boolean;
  /** Ways of reading the light that make sense here. */
  readonly meterPatterns: readonly MeterPattern[];
  /** The camera can be turned by dragging the picture. */
  readonly canPan: boolean;
  /** How focus is moved with these settings; null where the camera keeps it to itself. */
  readonly focus: (settings: Settings) => FocusControl | null;
  /** Pixels along the long side of what the loupe looks at, as far as known. */
  readonly longSidePx: (settings: Settings) => number | null;
  /** It knows how far everything in the picture is. */
  readonly hasDepth: boolean;
  /** How white balance is chosen; null where the device decides. */
  readonly white: WhiteControl | null;
  /** It zooms by itself, from 1 to this; null where it does not, or where its lenses do. */
  readonly zoomMax: number | null;
  readonly hasTorch: boolean;
  /** Exposure can be held where the light is read now. */
  readonly canLock: boolean;
  /** Several frames can be averaged into one. */
  readonly averages: boolean;
  /** A JPEG is the device's own photograph, in a size of its own. */
  readonly takesPhotos: boolean;
  /** Sizes its frames can have, and the one they have; none where that is settled. */
  readonly frameSizes: readonly FrameSize[];
  readonly frameSize: FrameSize | null;
  /** It is a thing others may want: let go while nobody looks. */
  readonly letGoWhenHidden: boolean;
  /** What a capture can be written as; one that is not among them is written as the first. */
  readonly fileKinds: readonly FileKind[];
  /** Frames can be cut to other shapes. */
  readonly hasAspect: boolean;
  /** Its frames are sensor data; otherwise processed pictures, and nothing may be called raw. */
  readonly readsRaw: boolean;
  /** What the DNG is called. */
  readonly dngIs: string;
  /** What the device's solver is asked for this light; null where the device decides by itself. */
  readonly solverInput: (settings: Settings, lightClicks: number) => SolverInput | null;
  /** What is known about what could spoil the picture. */
  readonly situation: (settings: Settings, readings: Readings | null) => Situation;
}

/** The developed picture's histogram: pixels per byte value of red, green, blue and luma, 256 each. */
export interface PictureReading {
  readonly histogram: Int32Array;
}

/** What a pin reads. */
export interface PinReading {
  /** Stops from mid-grey. */
  readonly stops: number;
  /** Stops until the channel that clips first clips there; negative past it, 0 where the device sees no further. */
  readonly roomStops: number;
}

/** Where the lens stands, and how it came there. */
export interface FocusReading {
  readonly dioptres: number;
  /**
   * Held, fixed for good, being searched, found; not found because of too little light, or of nothing to see; left to a device
   * that does not say how it fares.
   */
  readonly state: 'set' | 'fixed' | 'searching' | 'found' | 'dark' | 'flat' | 'device';
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
  /** Stops are only estimated: how the camera turns light into its picture has not been measured. */
  readonly estimated: boolean;
  /** Light the exposure is worked out from; null when the device's light is not calibrated. */
  readonly ev100: number | null;
  /** The same as the exposure (time clicks + ISO clicks) that renders it mid-grey, behind lens and filter. */
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
  /** The light taken as white, and what it multiplies red, green and blue by; null where the device decides. */
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

export interface CaptureProgress {
  /** 0..1. */
  readonly share: number;
  readonly stage: string;
  /** The shutter is open: pressing again closes it and keeps what it has gathered. */
  readonly open?: boolean;
}

/** A piece of the picture to be shown photosite by photosite. */
export interface LoupeView {
  /** Its middle. */
  readonly at: PicturePoint;
  /** Photosites along each side; even. */
  readonly photosites: number;
}

/** How the picture is shown and marked, and where it is read. */
export interface ViewOptions {
  readonly upright: boolean;
  readonly marks: boolean;
  /** Instead of the picture: dark greys, and in colour what the raw has lost. */
  readonly clips: boolean;
  readonly monitors: MonitorSettings;
  /** Edges in focus are marked. */
  readonly peaking: boolean;
  /** Instead of the picture: what is sharp, or how far everything is. */
  readonly depth: DepthLook;
  readonly loupe: LoupeView | null;
  /** Device pixels per frame pixel, so that marks keep their size on screen. */
  readonly scale: number;
  readonly pins: readonly PicturePoint[];
}

/** A view before the Window has said how it wants it. */
export const FIRST_VIEW: ViewOptions = {
  upright: false,
  marks: true,
  clips: false,
  monitors: DEFAULT_MONITORS,
  peaking: false,
  depth: 'off',
  loupe: null,
  scale: 1,
  pins: [],
};

/** Where a camera that can be turned looks: radians right of and above where it opened. */
export interface Aim {
  readonly yawRad: number;
  readonly pitchRad: number;
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
  /** Gives the canvas of a loupe that has just been opened. */
  attachLoupe(canvas: OffscreenCanvas): void;
  /** New settings; returns the number that readings made with them carry. */
  apply(settings: Settings): number;
  view(options: ViewOptions): void;
  /** Goes to another place without being opened anew; null where there is but one. */
  goTo(place: string): CameraCapabilities | null;
  /**
   * Turns the camera as if the picture were dragged by shares of its width and height; returns where the pins of
   * the view have gone. Null where it cannot be turned.
   */
  pan(dx: number, dy: number): readonly PicturePoint[] | null;
  /** Scene time runs this much faster than the clock; without effect on a real camera. */
  hasten(factor: number): void;
  /**
   * The brightest exposure that clips no more than the share allowed by the monitors; null where the camera cannot tell.
   */
  pushRight(allowedShare: number): Promise<PushedRight | null>;
  /** What a place in the picture, said to be neutral, tells of the light; null where the device decides. */
  readNeutral(at: PicturePoint): Promise<NeutralReading | null>;
  /** Finds focus anew where the settings say; resolves when the lens stands still again. */
  refocus(): Promise<void>;
  onReadings(listener: (readings: Readings) => void): () => void;
  /** Called when the camera goes away by itself. */
  onLost(listener: (refusal: CameraRefusal) => void): () => void;
  /** Called when the device does not do what it was asked, though it offers it. */
  onRefused(listener: (refused: RefusedControls) => void): () => void;
  /** How its light is calibrated; null where its light is known. */
  readonly calibration: Calibration | null;
  /**
   * Exposes and stores one frame. Rejects with FrameNotStored when it could not be kept.
   *
   * @param stop closes an open shutter early; the frame is kept
   */
  capture(
    settings: Settings,
    naming: Naming,
    onProgress: (p: CaptureProgress) => void,
    stop: AbortSignal,
  ): Promise<StoredFrame>;
  close(): void;
}

/** A guided series that was stopped, was refused, or ended with something else than a response. */
export type SeriesOutcome = 'found' | 'unchanged' | 'narrow' | 'moved' | 'stopped';

/** The ways in which a camera's light is calibrated. */
export interface Calibration {
  readonly light: CameraLight;
  /** What changes the exposure in a guided series: the device's time or its compensation; else why there can be none. */
  readonly series: { readonly by: 'time' | 'comp' } | { readonly refused: string };
  /** Takes a guided series and keeps the response it leads to. */
  recover(onProgress: (share: number) => void, stop: AbortSignal): Promise<SeriesOutcome>;
  /** Keeps another calibration. */
  set(light: CameraLight): void;
  /** What the meter reads now: stops from mid-grey, and the exposure as EV 100 without any offset (null unknown). */
  reading(): { readonly meterStops: number; readonly ev100: number | null } | null;
}

/** `ask`: the browser will ask for leave, and should be told why first. */
export type RefusalReason =
  'ask' | 'denied' | 'missing' | 'busy' | 'lost' | 'stalled' | 'unsupported' | 'insecure';

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
