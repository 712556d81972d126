import { WHITE_KELVIN, WHITE_TINT, type WhitePoint } from '../colour/whitePoint';
import { exactly } from '../settings/exactly';

/**
 * How a raw is developed: data beside its file, which stays as it is. All parts but exposure and
 * white are shares: 0 leaves the picture as the raw asks for it.
 */
export interface Development {
  /** Stops brighter than as exposed. */
  readonly exposure: number;
  /** Steeper or flatter about mid-grey, -1..1. */
  readonly contrast: number;
  /** What is brighter, or darker, than mid-grey, in its large parts, -1..1: 1 is brighter. */
  readonly highlights: number;
  readonly shadows: number;
  /** The light taken as white; null: as the file says. */
  readonly white: WhitePoint | null;
  /** -1: no colour; 1: twice as much. */
  readonly saturation: number;
  /** What red, green and blue give to a picture of greys; null: it is in colour. */
  readonly greys: readonly [number, number, number] | null;
  /** 0..1. */
  readonly sharpening: number;
  /** How much of the noise is taken out, 0..1. */
  readonly noise: number;
}

/** As the file asks for it. */
export const AS_EXPOSED: Development = {
  exposure: 0,
  contrast: 0,
  highlights: 0,
  shadows: 0,
  white: null,
  saturation: 0,
  greys: null,
  sharpening: 0,
  noise: 0,
};

export const MAX_DEVELOP_STOPS = 5;
export const GREY_SHARE = { min: -1, max: 2 } as const;
/** Greys as the eye sees their brightness, about. */
export const FIRST_GREYS = [0.2, 0.7, 0.1] as const;

export const isSameDevelopment = (a: Development, b: Development): boolean =>
  PARTS.every((part) =>
    part === 'white'
      ? a.white?.kelvin === b.white?.kelvin && a.white?.tint === b.white?.tint
      : part === 'greys'
        ? String(a.greys) === String(b.greys)
        : a[part] === b[part],
  );

const PARTS = Object.keys(AS_EXPOSED) as (keyof Development)[];

/** Whether nothing is changed. */
export const isAsExposed = (development: Development): boolean =>
  isSameDevelopment(development, AS_EXPOSED);

const within = (minimum: number, maximum: number) => ({ type: 'number', minimum, maximum });
const share = within(-1, 1);
const grey = within(GREY_SHARE.min, GREY_SHARE.max);
const orNull = (schema: object) => ({ oneOf: [{ type: 'null' }, schema] });

/** JSON Schema of a Development. */
export const DEVELOPMENT_SCHEMA = exactly({
  exposure: within(-MAX_DEVELOP_STOPS, MAX_DEVELOP_STOPS),
  contrast: share,
  highlights: share,
  shadows: share,
  white: orNull(
    exactly({
      kelvin: within(WHITE_KELVIN.min, WHITE_KELVIN.max),
      tint: within(WHITE_TINT.min, WHITE_TINT.max),
    }),
  ),
  saturation: share,
  greys: orNull({ type: 'array', items: grey, minItems: 3, maxItems: 3 }),
  sharpening: within(0, 1),
  noise: within(0, 1),
});
