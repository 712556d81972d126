import { serve, type Served } from './support/browser';

declare global {
  // Handed from before all suites to after them.
  var servedOnce: Served | undefined;
}

/** Before all suites: one server for those that leave it alone. */
export default async function begin(): Promise<void> {
  globalThis.servedOnce = await serve();
  process.env.VELMO_SERVED = globalThis.servedOnce.url;
}
