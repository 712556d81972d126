import type { Settings } from '@velmo/core/settings';
import { readText, writeText } from './storage';

const KEY = 'settings';
const QUIET_MS = 400;

let timer: ReturnType<typeof setTimeout> | undefined;

/** The settings of last time; null when there are none, or none this version understands. */
export async function lastSettings(): Promise<Settings | null> {
  try {
    const text = await readText(KEY);
    if (text === null) return null;
    const value: unknown = JSON.parse(text);
    const { isSettings } = await import('./validation');
    return isSettings(value) ? value : null;
  } catch {
    return null;
  }
}

/** Keeps settings for next time, once they have been quiet for a moment. */
export function keepSettings(settings: Settings): void {
  clearTimeout(timer);
  // Settings that could not be kept cost a few drags next time and nothing now: no message is worth it.
  timer = setTimeout(() => void writeText(KEY, JSON.stringify(settings)).catch(() => {}), QUIET_MS);
}
