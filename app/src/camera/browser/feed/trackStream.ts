import { transfer, type Remote } from 'comlink';
import type { BrowserLiveApi } from '../browserLive.worker';

/** Of W3C mediacapture-transform; TypeScript's DOM library does not know it. */
interface TrackProcessor {
  readonly readable: ReadableStream<VideoFrame>;
}
type TrackProcessorClass = new (init: { track: MediaStreamTrack }) => TrackProcessor;

/** Where this thread can make a stream of a track's frames: how. */
export const trackProcessor = (): TrackProcessorClass | undefined =>
  (globalThis as { MediaStreamTrackProcessor?: TrackProcessorClass }).MediaStreamTrackProcessor;

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
