/**
 * Camera controls of W3C MediaStream Image Capture, which TypeScript's DOM library does not
 * describe. exposureTime is in units of 100 microseconds, exposureCompensation in stops,
 * colorTemperature in kelvin.
 */
export interface Span {
  readonly min: number;
  readonly max: number;
  readonly step?: number;
}

export interface ControlCapabilities extends MediaTrackCapabilities {
  readonly exposureMode?: readonly string[];
  readonly exposureTime?: Span;
  readonly exposureCompensation?: Span;
  readonly iso?: Span;
  readonly focusMode?: readonly string[];
  readonly focusDistance?: Span;
  readonly whiteBalanceMode?: readonly string[];
  readonly colorTemperature?: Span;
  readonly zoom?: Span;
  readonly torch?: boolean | readonly boolean[];
}

export interface ControlSettings extends MediaTrackSettings {
  readonly exposureMode?: string;
  readonly exposureTime?: number;
  readonly exposureCompensation?: number;
  readonly iso?: number;
  readonly focusMode?: string;
  readonly focusDistance?: number;
  readonly whiteBalanceMode?: string;
  readonly colorTemperature?: number;
  readonly zoom?: number;
  readonly torch?: boolean;
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
