import { WorkerLost } from '../../workers/startedWorker';

/** A sentence in place of what a worker says when it goes; other errors go on. */
export function sayLost(error: unknown): never {
  if (!(error instanceof WorkerLost)) throw error;
  throw new Error(
    'The part of Velmo that makes frames stopped, or could not be loaded: this frame was not made. Is the server it came from there, and memory free? Press again.',
  );
}
