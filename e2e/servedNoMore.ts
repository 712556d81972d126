/** After all suites. */
export default function end(): void {
  globalThis.servedOnce?.stop();
}
