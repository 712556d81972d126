import type { Choice } from './decision';

/** Which frames are looked at by what was decided of them. */
export const SHOWN_CHOICES = ['all', 'undecided', 'kept', 'dropped'] as const;
export type ShownChoice = (typeof SHOWN_CHOICES)[number];

/** How the frames of a roll are ordered. */
export const ORDERS = ['newest', 'oldest', 'clipped', 'largest'] as const;
export type Order = (typeof ORDERS)[number];

/** What of the frames' facts can be asked for, one value of each. */
export const FACETS = ['place', 'camera', 'lens', 'day'] as const;
export type Facet = (typeof FACETS)[number];

/** Which frames are shown, and in which order. */
export interface RollView {
  /** Id of a roll, '' for loose frames, null for all of this device. */
  readonly roll: string | null;
  /** 'all' shows what is not dropped. */
  readonly choice: ShownChoice;
  /** Only frames of which these are true. */
  readonly facts: Readonly<Partial<Record<Facet, string>>>;
  /** Only frames that clip in some channel. */
  readonly clips: boolean;
  /** Only frames held by hand for longer than a hand holds still. */
  readonly shakes: boolean;
  readonly order: Order;
}

/** The address of loose frames and of all: no roll is called so. */
const LOOSE = 'loose';

/** What is in a roll when it is opened. */
export const wholeRoll = (roll: string | null): RollView => ({
  roll,
  choice: 'all',
  facts: {},
  clips: false,
  shakes: false,
  order: 'newest',
});

type Params = Readonly<Record<string, string | string[] | undefined>>;

const oneOf = <T extends string>(all: readonly T[], value: unknown, otherwise: T): T =>
  all.find((known) => known === value) ?? otherwise;

/** The view an address asks for; what it asks in vain is left out. */
export function viewOfParams(params: Params): RollView {
  const { roll, which, order } = params;
  const facts: Partial<Record<Facet, string>> = {};
  for (const facet of FACETS) {
    const value = params[facet];
    if (typeof value === 'string' && value !== '') facts[facet] = value.slice(0, 200);
  }
  return {
    roll: typeof roll !== 'string' ? null : roll === LOOSE ? '' : roll,
    choice: oneOf(SHOWN_CHOICES, which, 'all'),
    facts,
    clips: params.clips === 'yes',
    shakes: params.shakes === 'yes',
    order: oneOf(ORDERS, order, 'newest'),
  };
}

/** A view as an address asks for it: only what is not as usual; undefined takes it away. */
export function paramsOfView(view: RollView): Record<string, string | undefined> {
  return {
    ...Object.fromEntries(FACETS.map((facet) => [facet, view.facts[facet]])),
    roll: view.roll === null ? undefined : view.roll === '' ? LOOSE : view.roll,
    which: view.choice === 'all' ? undefined : view.choice,
    order: view.order === 'newest' ? undefined : view.order,
    clips: view.clips ? 'yes' : undefined,
    shakes: view.shakes ? 'yes' : undefined,
  };
}

/** Whether frames with this decision are shown. */
export const shows = (view: Pick<RollView, 'choice'>, choice: Choice | null): boolean =>
  view.choice === 'all'
    ? choice !== 'dropped'
    : view.choice === 'undecided'
      ? choice === null
      : choice === view.choice;

/** Whether anything but the roll narrows what is shown. */
export const isNarrowed = ({ choice, facts, clips, shakes }: RollView): boolean =>
  choice !== 'all' || clips || shakes || Object.values(facts).some((value) => value !== undefined);
