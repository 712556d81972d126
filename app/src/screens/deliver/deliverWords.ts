import type { DeliveryEntry } from '../../deliver/deliveryPlan';
import { bytesWords } from '../field/words/seriesWords';
import { framesWords } from '../roll/rollWords';
import type { Delivery, DeliveryWay } from './useDelivery';

/** "1 file", "12 files" */
export const filesWords = (n: number): string => `${n} ${n === 1 ? 'file' : 'files'}`;

/** "12 frames in 14 files, 240 MB" */
export function plannedWords(frames: number, entries: readonly DeliveryEntry[]): string {
  const bytes = entries.reduce((sum, entry) => sum + entry.bytes, 0);
  const developed = entries.filter(({ source }) => source.kind === 'developed').length;
  const size = developed > 0 ? '' : `, ${bytesWords(bytes)}`;
  return `${framesWords(frames)} in ${filesWords(entries.length)}${size}.`;
}

const DONE = { zip: 'in a zip', folder: 'in the folder', share: 'shared' } as const;

/** What is counted on the way. */
const counted = (way: DeliveryWay, n: number): string =>
  way === 'archive' ? framesWords(n) : filesWords(n);

/** What becomes of a delivery; null where there is nothing to say. */
export function deliveryWords(delivery: Delivery, count: number): string | null {
  switch (delivery.state) {
    case 'none':
      return null;
    case 'busy': {
      const { done, bytes } = delivery.progress;
      const what = delivery.way === 'archive' ? 'Frame' : 'File';
      return `${what} ${Math.min(count, done + 1)} of ${count}, ${bytesWords(bytes)} so far ...`;
    }
    case 'ready':
      return `${filesWords(delivery.files.length)} ready to be shared.`;
    case 'stopped':
      return delivery.files > 0
        ? `Stopped: ${filesWords(delivery.files)} are in the folder.`
        : 'Stopped: nothing was delivered.';
    case 'failed':
      return delivery.why;
    case 'done': {
      const { files, failed, way } = delivery;
      const left = failed.map(({ path, why }) => `${path}: ${why}`).join(' ');
      const where = way === 'archive' ? 'in the archive' : DONE[way];
      return `${counted(way, files)} ${where}.${left ? ` Left out: ${left}` : ''}`;
    }
  }
}
