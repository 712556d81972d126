import type { WhitePoint } from '../../colour/whitePoint';
import type { ExposureContext } from '../../consequence/exposureContext';
import type { MonitorSettings } from '../../monitor/monitorSettings';
import type { Coverage } from '../../series/coverage';
import type { Settings } from '../../settings/settings';
import type { KitPart } from '../kit';
import type { KitCamera } from '../kitCamera';

/** The light as a camera reads it, once it stands as a starting point begins. */
export interface LightSeen {
  /** Exposure (time clicks + ISO clicks) that renders it mid-grey; null where it is not known. */
  readonly lightClicks: number | null;
  /** What the camera takes for white; null where it does not say. */
  readonly white: WhitePoint | null;
  readonly context: ExposureContext;
  /** Frames that hold all of the light, where they were asked for and could be found. */
  readonly coverage: Coverage | null;
}

/** A kit that ships: where to begin for a kind of picture, and what to look at next. */
export interface StartingPoint {
  readonly id: string;
  readonly name: string;
  /** Two lines: why it is set like this, and what to do next. */
  readonly why: string;
  readonly next: string;
  readonly parts: readonly KitPart[];
  /** Ids of the verdict's findings that it means to have, in words: "dark shadows are meant". */
  readonly meant: Readonly<Record<string, string>>;
  /** It has to know how far the light reaches. */
  readonly asksCoverage?: true;
  /** As usual, before anything is known of the light. Only `parts` count. */
  begin(now: Settings, camera: KitCamera): Settings;
  /** What is to be watched, where `marks` are among its parts. */
  monitors?(now: MonitorSettings): MonitorSettings;
  /** The same for the light that is there. */
  fit?(begun: Settings, light: LightSeen, camera: KitCamera): Settings;
}
