/**
 * Why a file was not handed over:
 * - `unpaired`: the computer does not know this phone (any more)
 * - `full`: there is no room on the computer
 * - `refused`: the computer takes no such file
 * - `damaged`: what arrived was not what was sent, again and again
 * - `unreachable`: there is no connection
 */
export type HandoffFault = 'unpaired' | 'full' | 'refused' | 'damaged' | 'unreachable';

/** An error that the interface explains. */
export class HandoffError extends Error {
  constructor(readonly fault: HandoffFault) {
    super(fault);
    this.name = 'HandoffError';
  }
}
