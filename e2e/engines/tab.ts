/** The engines that phones' browsers are made of, each as Debian ships it. */
export const ENGINES = ['chromium', 'firefox', 'webkit'] as const;
export type Engine = (typeof ENGINES)[number];

export interface Size {
  readonly width: number;
  readonly height: number;
}

export interface Place {
  readonly x: number;
  readonly y: number;
}

/**
 * What the engine does when a page asks for the camera: gives its own mock, refuses, or has none to
 * give.
 */
export type MockCamera = 'allowed' | 'denied';

/** A browser's tab, driven the same way whatever engine it runs on. */
export interface Tab {
  readonly engine: Engine;
  /** "firefox 153.7.0". */
  readonly version: string;
  /** Where the browser saves what a page offers. */
  readonly downloads: string;
  /** Process the browser was started as; its children hold the pages. */
  readonly pid: number;
  goto(url: string): Promise<void>;
  /**
   * Runs source in the page that is the value of an expression; promises are waited for. The value
   * must be plain.
   */
  evaluate(expression: string): Promise<unknown>;
  screenshot(): Promise<Buffer>;
  /** A mouse pressed at the first place, moved through the others and let go at the last. */
  drag(places: readonly Place[], pointer?: 'mouse' | 'touch'): Promise<void>;
  /** Two taps at a place, as fast as a finger's however slow the machine. */
  doubleTap(place: Place): Promise<void>;
  /**
   * Two fingers about a place, from this half distance to that; false where the engine's driver has
   * but a mouse.
   */
  pinch(middle: Place, from: number, to: number): Promise<boolean>;
  key(key: string): Promise<void>;
  /** Makes the page about this large; an engine whose window has a least width keeps to that. */
  resize(size: Size): Promise<void>;
  /** Puts another tab in front, as a person who looks at something else; then this one again. */
  behindAnother(work: () => Promise<void>): Promise<void>;
  /** Words of errors nobody caught, as far as the driver is told of them. */
  readonly errors: readonly string[];
  close(): Promise<void>;
}

/** A function of the page's own, as source; what it needs is handed over as plain values. */
export function inPage<Args extends readonly unknown[], T>(
  tab: Tab,
  work: (...args: Args) => T | Promise<T>,
  ...args: Args
): Promise<T> {
  const values = args.map((arg) => JSON.stringify(arg) ?? 'undefined').join(', ');
  // A compiler may mark named functions with a helper of its own, which no page has.
  const helped = `globalThis.__name ??= (f) => f, (${work.toString()})(${values})`;
  return tab.evaluate(helped) as Promise<T>;
}
