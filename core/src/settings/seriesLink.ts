import { BRACKET_FRAMES, BRACKET_ORDERS, BRACKET_STEP_CLICKS } from '../series/bracket';
import { MAX_FOCUS_STEPS } from '../series/focusSteps';
import { FIRST_SERIES } from '../series/kinds';
import {
  BURST_FRAMES,
  DELAYS_S,
  GATHERS,
  INTERVAL_FRAMES,
  INTERVAL_S,
  LONG_S,
  MAX_LIGHT_S,
  MAX_OVERLAP,
  type DelayS,
  type Series,
} from '../series/series';
import { parseFocus } from './focusLink';
import type { FocusSetting } from './settings';
import { parseThirds } from './thirds';

interface Range {
  readonly min: number;
  readonly max: number;
}

const wholeIn = (text: string, { min, max }: Range): number | null =>
  /^\d{1,5}$/.test(text) && Number(text) >= min && Number(text) <= max ? Number(text) : null;

const oneOf = <T extends string>(text: string, allowed: readonly T[]): T | null =>
  allowed.find((value) => value === text) ?? null;

function bracketFrom([count, step = '1', order = 'middle-first']: string[]): Series | null {
  const frames = wholeIn(count, BRACKET_FRAMES);
  const stepClicks = parseThirds(step) ?? 0;
  const ordered = oneOf(order, BRACKET_ORDERS);
  const { min, max } = BRACKET_STEP_CLICKS;
  if (frames === null || ordered === null || !Number.isInteger(stepClicks)) return null;
  if (stepClicks < min || stepClicks > max) return null;
  return { kind: 'bracket', frames, stepClicks, order: ordered };
}

function burstFrom([count]: string[]): Series | null {
  const frames = wholeIn(count, BURST_FRAMES);
  return frames === null ? null : { kind: 'burst', frames };
}

/** "0.4m:2m:20": near, far, overlap in per cent; or "at:0.4m:0.5m:2m": place by place. */
function focusFrom(parts: string[]): Series | null {
  if (parts[0] === 'at') return focusAt(parts.slice(1).map(parseFocus));
  const [near, far = 'inf', percent = '20', ...rest] = parts;
  if (rest.length > 0) return null;
  const [a, b] = [near, far].map(parseFocus);
  const overlap = wholeIn(percent, { min: 0, max: 100 * MAX_OVERLAP });
  if (a?.mode !== 'held' || b?.mode !== 'held' || overlap === null) return null;
  return {
    kind: 'focus',
    places: null,
    nearDioptres: Math.max(a.dioptres, b.dioptres),
    farDioptres: Math.min(a.dioptres, b.dioptres),
    overlap: overlap / 100,
  };
}

function focusAt(chosen: readonly (FocusSetting | null)[]): Series | null {
  const places = chosen.flatMap((focus) => (focus?.mode === 'held' ? [focus.dioptres] : []));
  if (places.length === 0 || places.length < chosen.length) return null;
  return { ...FIRST_SERIES.focus, places };
}

/** "10:30:metered:3600": every so many seconds, so many frames; the light lasts so long. */
function intervalFrom([every, count, how = 'held', lasts = '0']: string[]): Series | null {
  const everyS = wholeIn(every, INTERVAL_S);
  const frames = wholeIn(count ?? '', INTERVAL_FRAMES);
  const exposure = oneOf(how, ['held', 'metered'] as const);
  const lightS = wholeIn(lasts, { min: 0, max: MAX_LIGHT_S });
  if (everyS === null || frames === null || exposure === null || lightS === null) return null;
  return { kind: 'interval', everyS, frames, exposure, lightS };
}

/** "300:brightest": so many seconds in all. */
function longFrom([total, how = 'mean']: string[]): Series | null {
  const totalS = wholeIn(total, LONG_S);
  const gather = oneOf(how, GATHERS);
  return totalS === null || gather === null ? null : { kind: 'long', totalS, gather };
}

/** Of each kind: how many parts follow its name at most, and what they make. */
const KINDS: Readonly<
  Record<string, { readonly parts: number; readonly from: (parts: string[]) => Series | null }>
> = {
  bracket: { parts: 3, from: bracketFrom },
  burst: { parts: 1, from: burstFrom },
  focus: { parts: 1 + MAX_FOCUS_STEPS, from: focusFrom },
  interval: { parts: 4, from: intervalFrom },
  long: { parts: 2, from: longFrom },
};

/**
 * Reads "single", "bracket:5:1/3:dark-first", "burst:10", "focus:0.4m:2m:20", "focus:at:0.4m:2m",
 * "interval:10:30:metered:3600" or "long:300:brightest"; null when it is no series.
 */
export function parseSeries(text: string): Series | null {
  if (text === 'single') return FIRST_SERIES.single;
  const [name, ...parts] = text.split(':');
  const kind = Object.hasOwn(KINDS, name) ? KINDS[name] : null;
  return kind && parts.length > 0 && parts.length <= kind.parts ? kind.from(parts) : null;
}

/** Reads a delay in seconds: 0, 2, 3, 10 or 20. */
export const parseDelay = (text: string): DelayS | null =>
  DELAYS_S.find((seconds) => String(seconds) === text) ?? null;
