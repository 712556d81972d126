import { resolve } from 'node:path';

/** The command line is wrong; the message says how. */
export class UsageError extends Error {}

/** A path as the user sees it: relative to where npm was called. */
export const userPath = (path: string): string =>
  resolve(process.env.INIT_CWD ?? process.env.VELMO_CWD ?? process.cwd(), path);
