import type { ClickRange, MeterPattern, SolverInput } from '@velmo/core/exposure';
import type { FileKind, Settings, FlashTiming } from '@velmo/core/settings';
import type { SeriesKind } from '@velmo/core/series';
import type { FrameSize } from '../../storage/kept/cameraChoice';
import type { Readings } from './readings';
import type { SharpZone } from '@velmo/core/optics';
import type { ExposureContext } from '@velmo/core/consequence';

/** A lens the device can look through. */
export interface LensChoice {
  readonly id: string;
  /** "26 mm f/2.4", or the device's own name for it. */
  readonly label: string;
}

/**
 * How the focus of a lens can be moved. Detents are even in what the device counts focus in;
 * farther is more.
 */
export interface FocusControl {
  /** Detents of the tape; null where the lens cannot be moved by hand. */
  readonly range: ClickRange | null;
  readonly clickOf: (dioptres: number) => number;
  readonly dioptresOf: (click: number) => number;
  /** Its detents are steps of the device: how far they focus is not known. */
  readonly steps: boolean;
  /** The distance the lens is fixed at, in metres; null where it moves. */
  readonly fixedM: number | null;
  /**
   * What looks sharp with the lens at a focus; null where aperture and focal length are not known.
   */
  readonly zoneOf: (dioptres: number) => SharpZone | null;
  readonly hyperfocalM: number | null;
  /** Half the length of what looks sharp, in dioptres; null where the lens is not known. */
  readonly sharpHalfWidth: number | null;
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
  /**
   * Tripod, stabiliser, filters, torch, zoom and subject can be chosen, and change picture or
   * advice.
   */
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
  /** When its flash can fire; none where it has none. */
  readonly flash: readonly Exclude<FlashTiming, 'off'>[];
  /** Exposure can be held where the light is read now. */
  readonly canLock: boolean;
  /** What one press can take. */
  readonly series: readonly SeriesKind[];
  /**
   * How it knows the light past what a frame holds, which a bracket can be made to cover: from the
   * light itself, or by looking at several exposures; null where it cannot.
   */
  readonly coversScene: 'by its light' | 'by probing' | null;
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
  readonly exposureContext: (settings: Settings, readings: Readings | null) => ExposureContext;
}
