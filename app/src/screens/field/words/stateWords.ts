import type { Battery } from '../../../engine/battery';

/** Below this a battery that is not being charged is spoken of before anything else. */
const LOW = 0.2;

/** True where the battery is low and not charging. */
export const isLow = (battery: Battery | null): boolean =>
  battery !== null && !battery.charging && battery.level <= LOW;

/** "battery 80 %", "battery 80 %, charging" */
export function batteryWords({ level, charging }: Battery): string {
  return `battery ${Math.round(100 * level)} %${charging ? ', charging' : ''}`;
}
