/**
 * Where the service worker puts what is shared with the installed app: app/public/shared-files.js.
 */
const SHARED = 'velmo-shared';

/** Takes the files that were shared with the installed app; they are not there a second time. */
export async function takeShared(): Promise<File[]> {
  if (!('caches' in globalThis)) return [];
  const cache = await caches.open(SHARED);
  const files: File[] = [];
  for (const request of await cache.keys()) {
    const response = await cache.match(request);
    await cache.delete(request);
    if (!response) continue;
    const name = decodeURIComponent(response.headers.get('x-name') ?? 'shared');
    const lastModified = Number(response.headers.get('x-time')) || Date.now();
    files.push(new File([await response.blob()], name, { lastModified }));
  }
  return files;
}

interface LaunchParams {
  readonly files: readonly { getFile(): Promise<File> }[];
}

/** The system's files for an installed app that is their handler (W3C Web App Launch Handler). */
interface LaunchQueue {
  setConsumer(consumer: (params: LaunchParams) => void): void;
}

/** Calls back with files the system has this app open; never where it cannot be asked to. */
export function onLaunchFiles(listener: (files: readonly File[]) => void): void {
  const { launchQueue } = globalThis as { launchQueue?: LaunchQueue };
  launchQueue?.setConsumer(({ files }) => {
    void Promise.all(files.map((handle) => handle.getFile())).then(listener, () => listener([]));
  });
}
