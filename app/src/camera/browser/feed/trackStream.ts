import { transfer, type Remote } from 'comlink';
import type { BrowserLiveApi } from '../browserLive.worker';

/**
 * What makes a stream of a track's frames (W3C mediacapture-transform); undefined where this thread
 * cannot.
 */
export const trackProcessor = (): typeof MediaStreamTrackProcessor | undefined =>
  'MediaStreamTrackProcessor' in globalThis ? MediaStreamTrackProcessor : undefined;

/** Hands the worker a stream made on the page; false where the page cannot make one. */
export async function streamFromPage(
  track: MediaStreamTrack,
  live: Remote<BrowserLiveApi>,
): Promise<boolean> {
  const Processor = trackProcessor();
  if (!Processor) return false;
  const { readable } = new Processor({ track });
  await live.follow(transfer(readable, [readable]));
  return true;
}

/**
 * Hands the worker a copy of the track, of which it makes the stream itself: the standard's way.
 * False where the worker cannot, or the browser will not hand tracks over.
 */
export async function streamInWorker(
  track: MediaStreamTrack,
  live: Remote<BrowserLiveApi>,
): Promise<boolean> {
  if (!(await live.makesStreams())) return false;
  const copy = track.clone();
  try {
    await live.followTrack(transfer(copy, [copy as unknown as Transferable]));
    return true;
  } catch {
    copy.stop();
    return false;
  }
}
