import type { CameraChoice } from '../../../../storage/kept/cameraChoice';
import type { Settings } from '@velmo/core/settings';
import { keepSettingsNow } from '../../../../storage/kept/settingsStore';

/** Kept as long as the tab lives, through reloads and through being thrown away to save memory. */
const KEY = 'velmo/obeyed-link';

interface Note {
  readonly link: string;
  /** The camera the tab looked through last. */
  readonly choice: CameraChoice;
}

/** The page is the tab's own again: reloaded, or brought back after it was discarded. */
function isComingBack(): boolean {
  const [entry] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[];
  return entry?.type === 'reload' || entry?.type === 'back_forward';
}

/**
 * A link is obeyed once a tab: a page that comes back after it was discarded finds camera and
 * settings as they were left, not as the link once wanted them. Null: the link is to be obeyed.
 */
export function leftAt(link: string): CameraChoice | null {
  const note = isComingBack() ? read() : null;
  return note?.link === link ? note.choice : null;
}

/**
 * Notes that a link has been obeyed, and keeps the settings it led to. Noted at once: a database
 * may take seconds, and a page that goes meanwhile notes what it was keeping.
 */
export async function noteObeyed(
  link: string,
  choice: CameraChoice,
  settings: Settings,
): Promise<void> {
  try {
    sessionStorage.setItem(KEY, JSON.stringify({ link, choice } satisfies Note));
    await keepSettingsNow(settings).catch(() => sessionStorage.removeItem(KEY));
  } catch {
    // What could not be noted is obeyed again: that is what a reload does anyway.
  }
}

/** Notes another camera, if a link has been obeyed. */
export function noteChoice(choice: CameraChoice): void {
  const note = read();
  if (!note) return;
  try {
    sessionStorage.setItem(KEY, JSON.stringify({ ...note, choice } satisfies Note));
  } catch {
    // A reload then opens the camera before this one.
  }
}

function read(): Note | null {
  try {
    const note = JSON.parse(sessionStorage.getItem(KEY) ?? 'null') as Partial<Note> | null;
    const known = typeof note?.link === 'string' && typeof note.choice?.device === 'string';
    return known ? (note as Note) : null;
  } catch {
    return null;
  }
}
