import type { Best } from '@velmo/core/drill';
import type { Settings } from '@velmo/core/settings';
import type { CameraDevice } from '../../../camera/device/CameraDevice';
import type { CameraChoice } from '../../../storage/kept/cameraChoice';
import type { ListedFrame } from '../../../storage/frames/madeFrame';
import { createStore } from '../../../state/store';

/** What came of the last press of a drill. */
export type DrillOutcome =
  | { readonly kind: 'judging' }
  /** A frame is to be marked first. */
  | { readonly kind: 'pick' }
  | { readonly kind: 'refused'; readonly words: string }
  | {
      readonly kind: 'judged';
      readonly score: number;
      readonly words: string;
      readonly best: Best;
    };

/** A drill under way. What it is judged by stays in its worker. */
export interface Drilling {
  readonly id: string;
  readonly round: number;
  readonly title: string;
  readonly wish: string;
  /** Id of the note that says how. */
  readonly note: string;
  readonly picks: boolean;
  /** The place under this round's light, and how far the picture is dragged at first. */
  readonly scene: string;
  readonly dx: number;
  readonly dy: number;
  readonly bestScore: number | null;
  readonly tries: number;
  readonly beganMs: number;
  /** Where Field was before it. */
  readonly before: { readonly choice: CameraChoice; readonly settings: Settings };
  /** Frames of the last press, and the settings they were made with. */
  readonly tried: readonly ListedFrame[];
  readonly settings: Settings | null;
  readonly outcome: DrillOutcome | null;
}

/** The drill under way; null: none. */
export const drillStore = createStore<Drilling | null>(null);

/** Changes the drill under way; nothing where there is none. */
export const changeDrill = (part: Partial<Drilling>): void =>
  drillStore.update((drill) => drill && { ...drill, ...part });

/**
 * A camera stands at a place: its frames are tries at the drill under way, if that is done there;
 * anywhere else the drill has ended.
 */
export function tellDrill(camera: CameraDevice, choice: CameraChoice): void {
  const drill = drillStore.get();
  const isHere = choice.device === 'simulated' && choice.scene === drill?.scene;
  if (drill && !isHere) drillStore.set(null);
  camera.inDrill?.(drill && isHere ? { id: drill.id, round: drill.round } : null);
  if (drill && isHere) camera.pan?.(drill.dx, drill.dy);
}
