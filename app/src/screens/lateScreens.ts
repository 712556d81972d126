import { late } from './late';

/** What the first picture does not need: sheets, and the screens of frames. */
export const OpenSheet = late(() => import('./field/sheets/OpenSheet').then((m) => m.OpenSheet));
export const FramesScreen = late(() => import('./frames/FramesScreen').then((m) => m.FramesScreen));
export const FrameScreen = late(() => import('./frame/FrameScreen').then((m) => m.FrameScreen));

/** Loads all of it ahead of need. */
export function warmScreens(): void {
  for (const part of [OpenSheet, FramesScreen, FrameScreen]) part.warm();
}
