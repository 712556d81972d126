import { createStore } from '../state/store';
import { whenIdle } from './whenIdle';

/**
 * Whether the browser keeps Velmo so that it opens without a network: not known yet, kept, kept
 * with a newer one waiting, refused, or not possible here.
 */
export type KeptOffline = 'asking' | 'kept' | 'newer' | 'refused' | 'absent';

/** What is known of it now. */
export const keptOffline = createStore<KeptOffline>('asking');

const WORKER = '/sw.js';
/** The first picture and the first frames come before all this. */
const IDLE_MS = 15_000;

/** Has the browser keep Velmo, once it has nothing better to do. */
export const keepOfflineWhenIdle = (): void => whenIdle(() => void keepOffline(), IDLE_MS);

async function keepOffline(): Promise<void> {
  const container = (navigator as { serviceWorker?: ServiceWorkerContainer }).serviceWorker;
  if (!container) return keptOffline.set('absent');
  try {
    const registration = await container.register(WORKER);
    const look = (): void =>
      keptOffline.set(registration.waiting && registration.active ? 'newer' : 'kept');
    registration.addEventListener('updatefound', () =>
      registration.installing?.addEventListener('statechange', look),
    );
    await container.ready;
    look();
  } catch {
    keptOffline.set('refused');
  }
}

const WORDS: Readonly<Record<KeptOffline, string>> = {
  asking: 'Velmo is being kept on this device, to open without a network …',
  kept: 'Velmo is kept on this device: it opens without a network.',
  newer: 'A newer Velmo is here. It takes over once every page of Velmo has been closed.',
  refused:
    'This browser does not keep Velmo here: it does not know the certificate, or keeps nothing by choice. Opening it again needs the computer it came from.',
  absent:
    'This browser cannot keep Velmo on the device: opening it again needs the computer it came from.',
};

/** The same in a sentence. */
export const keptOfflineWords = (kept: KeptOffline): string => WORDS[kept];
