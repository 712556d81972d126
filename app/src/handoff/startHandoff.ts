import { whenIdle } from '../engine/whenIdle';
import { hasPairingSecret } from './pairingSecret';

const IDLE_MS = 15_000;

/**
 * Goes on, once the page is at rest, with what has not arrived at the computer; pairs with it at
 * once where the page was opened by its code.
 *
 * @param onPaired told in words how it went
 */
export function startHandoff(onPaired: (words: string) => void): void {
  const start = (): void =>
    void import('./pairing').then(({ pairOrResume }) => pairOrResume(onPaired)).catch(() => {});
  if (hasPairingSecret()) start();
  else whenIdle(start, IDLE_MS);
}
