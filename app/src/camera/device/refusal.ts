/**
 * `ask`: the browser will ask for leave, and should be told why first; `browser`: it is too old for
 * any camera, simulated or not.
 */
export type RefusalReason =
  | 'ask'
  | 'denied'
  | 'missing'
  | 'busy'
  | 'lost'
  | 'stalled'
  | 'unsupported'
  | 'insecure'
  | 'browser';

/** A camera that cannot be had, and why. */
export class CameraRefusal extends Error {
  override readonly name = 'CameraRefusal';
  constructor(
    readonly reason: RefusalReason,
    message: string,
  ) {
    super(message);
  }
}
