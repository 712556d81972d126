import type { ListedFrame } from './madeFrame';

/** The frames of one press, as far as they are listed: kept as one thing. */
export interface Stack {
  readonly key: string;
  /** In the order in which they were made. */
  readonly frames: readonly ListedFrame[];
}

/** Frames as they are shown: those of one series as one, where its newest stands. */
export function stacksOf(newestFirst: readonly ListedFrame[]): Stack[] {
  const stacks = new Map<string, ListedFrame[]>();
  for (const frame of newestFirst) {
    const key = frame.record.series?.id ?? frame.record.id;
    const frames = stacks.get(key);
    if (frames) frames.unshift(frame);
    else stacks.set(key, [frame]);
  }
  return [...stacks].map(([key, frames]) => ({ key, frames }));
}

/** "5", "3 of 9" of a series that ended early; "" of a single frame. */
export function stackCount({ frames }: Stack): string {
  const planned = frames[0].record.series?.count;
  if (planned === undefined) return '';
  return frames.length < planned ? `${frames.length} of ${planned}` : `${planned}`;
}
