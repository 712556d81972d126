import type { PicturePoint } from '@velmo/core/exposure';
import type { DepthLook } from '@velmo/core/monitor';
import { DEFAULT_SETTINGS, type Settings } from '@velmo/core/settings';
import { DEFAULT_SCENE } from '../../../camera/simulated/live/earlyShot';
import type { CameraCapabilities } from '../../../camera/device/capabilities';
import type { CameraRefusal } from '../../../camera/device/refusal';
import type { CaptureProgress } from '../../../camera/device/CameraDevice';
import type { Readings } from '../../../camera/device/readings';
import type { CameraChoice } from '../../../storage/kept/cameraChoice';
import type { CameraLight } from '../../../storage/kept/cameraLight';
import type { StorageRoom } from '../../../storage/frames/frameQueries';
import { DEFAULT_PREFERENCES, type Preferences } from '../../../storage/kept/preferences';
import { createStore, type Store } from '../../../state/store';

/** Something the photographer should know. */
export interface Notice {
  readonly text: string;
  /** It is still to be read when a camera is opened anew. */
  readonly stays?: boolean;
  /** It answers what was just asked, and goes by itself. */
  readonly passing?: boolean;
  /** What can be done about it. */
  readonly action?: NoticeAction;
}

/** What can be done about a notice. */
export interface NoticeAction {
  readonly label: string;
  readonly run: () => void;
}

/** A spot reading stuck to the picture. */
export interface Pin {
  /** 1..8: what it is called. */
  readonly number: number;
  readonly at: PicturePoint;
}

/** More would cover the picture. */
export const MAX_PINS = 8;

/** What lies over the tapes. */
export type Sheet =
  | 'camera'
  | 'meter'
  | 'rig'
  | 'verdict'
  | 'focus'
  | 'depth'
  | 'white'
  | 'marks'
  | 'files'
  | 'light'
  | 'series'
  | 'kits'
  | 'note';

/** Something on Field that tells a number, and can be asked why. */
export type WhyPart =
  ActiveTape | 'place' | 'meter' | 'rig' | 'files' | 'ladder' | 'verdict' | 'expose';

/** A tape in hand: it decides what a tap on the Window means. */
export type ActiveTape = 'time' | 'iso' | 'comp' | 'focus' | 'white';

/** A loupe over the picture. */
export interface OpenLoupe {
  readonly at: PicturePoint;
  /** It was asked for, and stays until it is closed; otherwise it goes with what called it. */
  readonly stays: boolean;
}

/** What the sheet of a note shows. */
export interface OpenNote {
  readonly id: string;
  /** The sheet it was opened from. */
  readonly from: Sheet | null;
  /** The number that was asked why, to be answered above the note; null: none. */
  readonly about: WhyPart | null;
}

/** Everything that Field shows but its readings. */
export interface FieldState {
  readonly choice: CameraChoice;
  readonly phase: 'opening' | 'ready' | 'refused';
  readonly refusal: CameraRefusal | null;
  readonly capabilities: CameraCapabilities | null;
  /** How the camera's light is calibrated; null where it is known anyway. */
  readonly light: CameraLight | null;
  /** Counts the cameras opened: each needs a canvas of its own. */
  readonly opened: number;
  readonly settings: Settings;
  readonly preferences: Preferences;
  readonly pins: readonly Pin[];
  /** How much faster than the clock scene time runs. */
  readonly haste: number;
  readonly sheet: Sheet | null;
  readonly note: OpenNote;
  readonly activeTape: ActiveTape | null;
  /** Number of the last `apply`: readings of an earlier one do not yet show these settings. */
  readonly applied: number;
  readonly marks: boolean;
  /** A finger lies on the Window: the picture is shown bare. */
  readonly bare: boolean;
  /** The Window shows what the raw has lost. */
  readonly clips: boolean;
  /** Instead of the picture: what is sharp, or how far everything is. */
  readonly depth: DepthLook;
  readonly loupe: OpenLoupe | null;
  /** The picture stands. */
  readonly upright: boolean;
  /** Extended ISO is being compared with base. */
  readonly comparing: boolean;
  /** Captures under way; progress is that of an open shutter, else of the oldest. */
  readonly pending: number;
  readonly progress: CaptureProgress | null;
  /** Whole seconds until the first frame; null: nothing is counted down. */
  readonly countdownS: number | null;
  readonly notice: Notice | null;
  /** Room in the browser's storage; null where it does not tell. */
  readonly room: StorageRoom | null;
}

/** Field before a camera has been opened. */
export const FIRST_FIELD: FieldState = {
  choice: { device: 'simulated', scene: DEFAULT_SCENE },
  phase: 'opening',
  refusal: null,
  capabilities: null,
  light: null,
  opened: 0,
  settings: DEFAULT_SETTINGS,
  preferences: DEFAULT_PREFERENCES,
  pins: [],
  haste: 1,
  sheet: null,
  note: { id: '', from: null, about: null },
  activeTape: null,
  applied: 0,
  marks: true,
  bare: false,
  clips: false,
  depth: 'off',
  loupe: null,
  upright: false,
  comparing: false,
  pending: 0,
  progress: null,
  countdownS: null,
  notice: null,
  room: null,
};

/** The page's own; see `FieldSession`. */
export const fieldStore = createStore(FIRST_FIELD);

/** The latest readings, at display rate. Kept apart so that slow parts need not listen. */
export const readingsStore = createStore<Readings | null>(null);

/** Opens a sheet, or closes it where it is open. */
export const toggleSheet = (sheet: Sheet): void =>
  fieldStore.update((s) => ({ ...s, sheet: s.sheet === sheet ? null : sheet }));

/** Opens a note over what it explains. */
export const openNote = (id: string, about: WhyPart | null = null): void =>
  fieldStore.update((s) => ({
    ...s,
    sheet: 'note',
    note: { id, from: s.sheet === 'note' ? s.note.from : s.sheet, about },
  }));

/** Closes whatever sheet is open. */
export const closeSheet = (): void => fieldStore.update((s) => ({ ...s, sheet: null }));

/** Shows depth instead of the picture, or the picture again. */
export const showDepth = (depth: DepthLook): void => fieldStore.update((s) => ({ ...s, depth }));

/** How long an answer stands. */
const SAID_MS = 7000;

/** The notice that still stands when another camera or place is looked at. */
export const standing = ({ notice }: FieldState): Notice | null => (notice?.stays ? notice : null);

/** A line that goes by itself. */
function show(notice: Notice, state: Store<FieldState>): void {
  state.update((s) => ({ ...s, notice }));
  setTimeout(
    () => state.update((s) => (s.notice === notice ? { ...s, notice: null } : s)),
    SAID_MS,
  );
}

/** Answers what was just asked. */
export const say = (text: string, action?: NoticeAction, state = fieldStore): void =>
  show({ text, passing: true, action }, state);

/** Says what no camera has to do with: it stands while one is opened. */
export const announce = (text: string): void =>
  show({ text, passing: true, stays: true }, fieldStore);

/** Puts an answer away that would go by itself. */
export const hush = (): void =>
  fieldStore.update((s) => (s.notice?.passing ? { ...s, notice: null } : s));
