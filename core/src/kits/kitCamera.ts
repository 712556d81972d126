import type { ClickRange, SolverInput } from '../exposure/solver';
import type { MeterPattern } from '../exposure/metering';
import type { SeriesKind } from '../series/series';
import type { FileKind, FlashTiming, Settings } from '../settings/settings';

/** What a camera offers, as far as a kit asks it. */
export interface KitCamera {
  readonly time: ClickRange | null;
  readonly iso: ClickRange | null;
  readonly baseIsoClick: number | null;
  readonly compensation: ClickRange | null;
  readonly lenses: readonly { readonly id: string }[];
  readonly sizesMp: readonly number[];
  readonly hasRig: boolean;
  readonly meterPatterns: readonly MeterPattern[];
  readonly focus: (settings: Settings) => {
    readonly range: ClickRange | null;
    readonly clickOf: (dioptres: number) => number;
    readonly dioptresOf: (click: number) => number;
    readonly hyperfocalM: number | null;
    readonly sharpHalfWidth: number | null;
  } | null;
  readonly white: {
    readonly kelvin: { readonly min: number; readonly max: number };
    readonly tint: boolean;
  } | null;
  readonly zoomMax: number | null;
  readonly hasTorch: boolean;
  readonly flash: readonly FlashTiming[];
  readonly series: readonly SeriesKind[];
  readonly averages: boolean;
  readonly fileKinds: readonly FileKind[];
  readonly hasAspect: boolean;
  readonly solverInput: (settings: Settings, lightClicks: number) => SolverInput | null;
}
