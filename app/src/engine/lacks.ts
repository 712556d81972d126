import { canTakePhotos } from '../camera/browser/capture/takePhoto';

/** What of the browser Velmo uses and can do without. */
export interface Offered {
  readonly photos: boolean;
  readonly room: boolean;
  readonly locks: boolean;
  readonly wakeLock: boolean;
}

/** What this browser offers of it. */
export const offeredHere = (): Offered => ({
  photos: canTakePhotos(),
  room: typeof navigator.storage?.estimate === 'function',
  locks: 'locks' in navigator,
  wakeLock: 'wakeLock' in navigator,
});

const LACKS: Readonly<Record<keyof Offered, string>> = {
  photos:
    'It takes no photographs of a camera’s own: a JPEG is made from video frames, in their size.',
  room: 'It does not say how much room is left. Should it run out, the frame is offered to be saved at once; nothing is lost.',
  locks:
    'It does not keep tabs apart: have Velmo open in one only, so that two do not clean up after each other.',
  wakeLock:
    'It cannot keep the screen awake: before a long exposure, set the phone’s own screen time to more.',
};

/** What this browser does not give, a sentence each, with what follows and what to do. */
export const lacksOf = (offered: Offered): readonly string[] =>
  (Object.keys(LACKS) as (keyof Offered)[]).filter((name) => !offered[name]).map((n) => LACKS[n]);

/** What Velmo cannot do without, and this browser does not have; null where all is there. */
export function missingHere(): string | null {
  const drawsInWorkers =
    typeof OffscreenCanvas === 'function' &&
    typeof HTMLCanvasElement.prototype.transferControlToOffscreen === 'function';
  if (drawsInWorkers && typeof Worker === 'function') return null;
  return 'This browser cannot draw a picture beside the page (OffscreenCanvas), which Velmo needs. Browsers can since Chrome 69, Firefox 105 and Safari 16.4: bring yours up to date, or use another.';
}
