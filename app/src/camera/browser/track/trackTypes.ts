/**
 * Camera controls of W3C MediaStream Image Capture. Its types know no shutter time, take every
 * control for offered and every mode for known: here each may be missing, and a mode is any word.
 * exposureTime is in units of 100 microseconds, exposureCompensation in stops, colorTemperature in
 * kelvin.
 */
export interface Span {
  readonly min: number;
  readonly max: number;
  readonly step?: number;
}

interface Modes {
  readonly exposureMode?: readonly string[];
  readonly focusMode?: readonly string[];
  readonly whiteBalanceMode?: readonly string[];
}

interface Spans {
  readonly exposureTime?: Span;
  readonly exposureCompensation?: Span;
  readonly iso?: Span;
  readonly focusDistance?: Span;
  readonly colorTemperature?: Span;
  readonly zoom?: Span;
}

type Known = keyof Modes | keyof Spans | 'torch';

/** What a track offers. */
export interface ControlCapabilities
  extends Partial<Omit<MediaTrackCapabilities, Known>>, Modes, Spans {
  readonly torch?: boolean | readonly boolean[];
}

/** What a track says it does. */
export interface ControlSettings extends Omit<MediaTrackSettings, keyof Modes> {
  readonly exposureMode?: string;
  readonly exposureTime?: number;
  readonly focusMode?: string;
  readonly whiteBalanceMode?: string;
}

/** What a track is asked for, by the names above. */
export type ControlSet = Readonly<Record<string, unknown>>;

/** True for a span that leaves something to choose. */
export const isSpan = (span: Span | undefined): span is Span =>
  span !== undefined && Number.isFinite(span.min) && span.max > span.min;

/** The nearest value a track takes: inside its span, on its steps. */
export function steppedValue(value: number, { min, max, step }: Span): number {
  const inside = Math.min(max, Math.max(min, value));
  if (!step || !(step > 0)) return inside;
  const stepped = min + Math.round((inside - min) / step) * step;
  return stepped > max ? stepped - step : stepped;
}

/**
 * True where a place in the picture may be named. Tracks do not list it among their capabilities.
 */
export const takesPlaces = (): boolean =>
  navigator.mediaDevices?.getSupportedConstraints !== undefined &&
  'pointsOfInterest' in navigator.mediaDevices.getSupportedConstraints();
