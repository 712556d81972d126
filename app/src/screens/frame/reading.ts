import { formatSignedThirds } from '@velmo/core/exposure';
import type { FrameReading } from '../../frame/frameView';
import { createStore } from '../../state/store';
import { pinText } from '../field/words/readingsText';

/** What is read where a finger or the pointer is. */
export interface PlacedReading {
  readonly reading: FrameReading;
  /** What asked for it: a finger hides what it points at, a key wants to hear the answer. */
  readonly by: 'finger' | 'pointer' | 'key';
  /** Where, in CSS pixels of the picture's box. */
  readonly x: number;
  readonly y: number;
}

/** Changes with every movement: only those who show it listen. */
export const placedReading = createStore<PlacedReading | null>(null);

const CHANNELS = ['R', 'G', 'B'];

/** "+1 1/3 · 2/3 room · R +1 1/3 G +1 B −1/3", as Field's pins say it. */
export function readingWords(reading: FrameReading): {
  readonly tone: string;
  readonly rest: string;
} {
  if (reading.kind === 'picture')
    return { tone: CHANNELS.map((c, i) => `${c} ${reading.bytes[i]}`).join('  '), rest: 'of 255' };
  const { tone, room } = pinText(reading);
  const channels = reading.channels
    .map((stops, c) => `${CHANNELS[c]} ${formatSignedThirds(Math.round(3 * stops))}`)
    .join('  ');
  return { tone, rest: `${room} · ${channels}` };
}
