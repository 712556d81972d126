import { createStore } from '../../state/store';
import { values } from '../databases';
import { DEFAULT_NAMING } from '../fileNames';
import { keptValue } from '../kept/keptValue';
import { LOOSE_NAME, MAX_ROLL_NAME } from './rollRecord';
import { MAX_ROLL_ID } from './decision';

/** The roll that frames are made into. */
export interface CurrentRoll {
  /** '' for none: frames are loose. */
  readonly id: string;
  readonly name: string;
}

/** Frames go into none. */
export const NO_ROLL: CurrentRoll = { id: '', name: LOOSE_NAME };
const FIRST: CurrentRoll = { id: DEFAULT_NAMING.roll, name: DEFAULT_NAMING.roll };

const isText = (value: unknown, most: number): value is string =>
  typeof value === 'string' && value.length <= most;

const kept = keptValue<CurrentRoll>('roll', async (value) => {
  const { id, name } = (value ?? {}) as { id?: unknown; name?: unknown };
  return isText(id, MAX_ROLL_ID) && isText(name, MAX_ROLL_NAME) && name !== ''
    ? { id, name }
    : null;
});

/** The roll that names were made with before there were rolls: part of the preferences. */
async function namedBefore(): Promise<CurrentRoll | null> {
  try {
    const text = await values.read('preferences');
    const before = JSON.parse(text ?? 'null') as { naming?: { roll?: unknown } } | null;
    const roll = before?.naming?.roll;
    if (!isText(roll, MAX_ROLL_NAME)) return null;
    return roll === '' ? NO_ROLL : { id: roll, name: roll };
  } catch {
    return null;
  }
}

/** The roll that frames are made into. */
export const currentRollStore = createStore<CurrentRoll>(FIRST);

let loading: Promise<void> | null = null;

/** Finds out which roll it was last time. */
export function loadCurrentRoll(): Promise<void> {
  loading ??= (async () => {
    // Both at once: a database that does not answer is waited for once.
    const [last, before] = await Promise.all([kept.last(), namedBefore()]);
    const roll = last ?? before;
    if (!roll) return;
    currentRollStore.set(roll);
    kept.keep(roll);
  })();
  return loading;
}

/** Frames are made into this roll from now on. */
export function setCurrentRoll(roll: CurrentRoll): void {
  currentRollStore.set(roll);
  kept.keep(roll);
}
