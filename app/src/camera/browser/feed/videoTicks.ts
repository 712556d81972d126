/**
 * A video that has not told of a frame for so long is put where it can be seen, and looked at by
 * the clock.
 */
const SILENT_MS = 700;

/**
 * Calls back at every frame a video shows. Where the browser does not tell of them (it has no
 * requestVideoFrameCallback, or keeps silent), whenever the page is drawn and the video has moved
 * on; before that `onSilent` may put it where the browser does play it.
 */
export function videoTicks(
  video: HTMLVideoElement,
  stop: AbortSignal,
  onFrame: () => void,
  onSilent: () => void,
): void {
  const lookInstead = (): void => {
    onSilent();
    byClock(video, stop, onFrame);
  };
  if (!('requestVideoFrameCallback' in video)) {
    lookInstead();
    return;
  }
  let silent: ReturnType<typeof setTimeout> | undefined;
  const told = new AbortController();
  const ask = (): void => {
    silent = setTimeout(() => {
      told.abort();
      lookInstead();
    }, SILENT_MS);
    video.requestVideoFrameCallback(() => {
      clearTimeout(silent);
      if (stop.aborted || told.signal.aborted) return;
      onFrame();
      ask();
    });
  };
  stop.addEventListener('abort', () => clearTimeout(silent));
  ask();
}

/** Looks at each drawing of the page whether the video has moved on. */
function byClock(video: HTMLVideoElement, stop: AbortSignal, onFrame: () => void): void {
  let last = -1;
  const look = (): void => {
    if (stop.aborted) return;
    if (video.readyState >= HTMLMediaElement.HAVE_CURRENT_DATA && video.currentTime !== last) {
      last = video.currentTime;
      onFrame();
    }
    requestAnimationFrame(look);
  };
  look();
}
