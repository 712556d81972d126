import { DEFAULT_SETTINGS, type Settings } from '@velmo/core/settings';
import type {
  CameraCapabilities,
  CameraRefusal,
  CaptureProgress,
  Readings,
} from '../../camera/CameraDevice';
import type { FileToStore } from '../../rolls/frameRecord';
import { createStore } from '../../state/store';

/** Which camera Field looks through. */
export type CameraChoice =
  { readonly device: 'simulated'; readonly scene: string } | { readonly device: 'browser' };

/** Something the photographer should know, with an optional way out. */
export interface Notice {
  readonly text: string;
  /** Files that could not be stored and wait to be saved. */
  readonly rescue?: readonly FileToStore[];
}

export interface FieldState {
  readonly choice: CameraChoice;
  readonly phase: 'opening' | 'ready' | 'refused';
  readonly refusal: CameraRefusal | null;
  readonly capabilities: CameraCapabilities | null;
  readonly settings: Settings;
  /** Number of the last `apply`: readings of an earlier one do not yet show these settings. */
  readonly applied: number;
  readonly marks: boolean;
  /** A finger lies on the Window: the picture is shown bare. */
  readonly bare: boolean;
  /** Captures under way; progress is that of the oldest. */
  readonly pending: number;
  readonly progress: CaptureProgress | null;
  readonly notice: Notice | null;
}

export const DEFAULT_SCENE = 'pans-at-noon';

export const fieldStore = createStore<FieldState>({
  choice: { device: 'simulated', scene: DEFAULT_SCENE },
  phase: 'opening',
  refusal: null,
  capabilities: null,
  settings: DEFAULT_SETTINGS,
  applied: 0,
  marks: true,
  bare: false,
  pending: 0,
  progress: null,
  notice: null,
});

/** The latest readings, at display rate. Kept apart so that slow parts need not listen. */
export const readingsStore = createStore<Readings | null>(null);
