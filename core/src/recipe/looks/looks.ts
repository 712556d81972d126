import equal from 'fast-deep-equal';
import { brine } from './brine';
import { dusk } from './dusk';
import { kelp } from './kelp';
import type { Look } from './look';
import { noon } from './noon';
import { rust } from './rust';
import { slate } from './slate';
import { AS_EXPOSED, type Development } from '../development';
import { LOOK_PARTS } from './look';

/** The looks, in the order in which they are offered. */
export const LOOKS: readonly Look[] = [noon, brine, dusk, slate, rust, kelp];

const partsOf = (from: Omit<Look, 'id'>) =>
  Object.fromEntries(LOOK_PARTS.map((part) => [part, from[part]])) as unknown as Omit<Look, 'id'>;

/** A development with a look; null: with none. */
export const withLook = (development: Development, look: Look | null): Development => ({
  ...development,
  ...partsOf(look ?? AS_EXPOSED),
});

/** The look a development has; null where it is none of them. */
export const lookOf = (development: Development): Look | null =>
  LOOKS.find((look) => equal(partsOf(look), partsOf(development))) ?? null;
