import type { PhaseReading } from './phaseDetect';

/** How a search by phase ended, and where the lens is to stand. */
export type PhaseOutcome =
  | { readonly found: true; readonly dioptres: number }
  | { readonly found: false; readonly why: 'dark' | 'flat'; readonly dioptres: number }
  /** There is detail, and the views do not agree on where it is: contrast may know. */
  | { readonly found: false; readonly why: 'unclear' };

/** What a lens lets a search do. */
export interface PhaseLens {
  /** Where it stands when nothing can be found: most is sharp there. */
  readonly hyperfocalDioptres: number;
  /** Half the length of what looks sharp, in dioptres. */
  readonly sharpHalfWidth: number;
  /** The nearest place it can stand at. */
  clamp(dioptres: number): number;
  /** Radius in pixels of the blur of what lies a dioptre off. */
  pxPerDioptre(dioptres: number): number;
}

/** Looks at most. */
export const MAX_PHASE_LOOKS = 4;
/** A lens this share of the sharp zone's half off is in focus. */
const CLOSE_SHARE = 0.2;
/** Views less alike than this show different things; above the other it is worth a look. */
const MIN_LIKENESS = 0.25;
const HINT_LIKENESS = 0.13;
/** A shift known no better than this says nothing. */
const MAX_SIGMA_PX = 2;
/** So many looks may show nothing. */
const MAX_BLIND = 2;
/** Contrast weaker than this is no texture. */
const MIN_CONTRAST = 0.004;
/** Contrast must stand out of noise by this many of its standard deviations. */
const SURE = 5;
/** A signal weaker than this many times its noise is dark. */
const MIN_SIGNAL = 4;

/**
 * Focus by phase: one look says how far and which way, the next whether it was right. A generator:
 * it yields the dioptres to move the lens to and is sent what the halves of the pupil show there.
 *
 * @param from where the lens stands
 */
export function* phaseSearch(
  from: number,
  lens: PhaseLens,
): Generator<number, PhaseOutcome, PhaseReading> {
  const { hyperfocalDioptres, sharpHalfWidth } = lens;
  let at = from;
  let blind = 0;
  let detail = false;
  for (let look = 0; look < MAX_PHASE_LOOKS; look++) {
    const seen = yield at;
    if (seen.signalToNoise < MIN_SIGNAL)
      return { found: false, why: 'dark', dioptres: hyperfocalDioptres };
    const px = lens.pxPerDioptre(at);
    const next = lens.clamp(at + seen.radiusPx / px);
    if (showsDetail(seen)) {
      if (Math.abs(next - at) <= Math.max(CLOSE_SHARE * sharpHalfWidth, seen.sigmaPx / px))
        return { found: true, dioptres: next };
      at = next;
      continue;
    }
    // Out of focus by so much that little is left of it, perhaps: a second look, and no more.
    detail ||= showsTexture(seen);
    if (++blind === MAX_BLIND)
      return detail
        ? { found: false, why: 'unclear' }
        : { found: false, why: 'flat', dioptres: hyperfocalDioptres };
    at = seen.likeness >= HINT_LIKENESS ? next : hyperfocalDioptres;
  }
  return { found: false, why: 'unclear' };
}

/** There is something to see, however unsure where it lies. */
export const showsTexture = ({ sure, contrast }: PhaseReading): boolean =>
  sure >= SURE && contrast >= MIN_CONTRAST;

const showsDetail = ({ contrast, likeness, sigmaPx }: PhaseReading): boolean =>
  contrast >= MIN_CONTRAST && likeness >= MIN_LIKENESS && sigmaPx <= MAX_SIGMA_PX;
