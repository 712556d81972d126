import { findScene } from '@velmo/core/scene';
import { LENSES } from '@velmo/core/optics';
import {
  DEFAULT_SETTINGS,
  settingsFromLink,
  type LinkQuery,
  type Settings,
} from '@velmo/core/settings';
import { DEFAULT_SCENE } from '../../../../camera/simulated/live/earlyShot';
import type { CameraChoice } from '../../../../storage/kept/cameraChoice';
import type { KeptOpening } from '../../../../storage/kept/keptOpening';
import { linkQuery } from './linkQuery';
import { leftAt } from './obeyedLink';

/** The lenses a link may name. */
export const LENS_IDS = LENSES.map((l) => l.id);

/** What Field opens with. */
export interface Opening {
  /** What the link asks for, where it is still to be obeyed. */
  readonly query: LinkQuery;
  readonly choice: CameraChoice;
  readonly settings: Settings;
  /** What of the link was not understood. */
  readonly problems: readonly string[];
}

/** The place that was looked at last, as it is outside of drills. */
const inUsualLight = (last: CameraChoice): CameraChoice =>
  last.device === 'simulated'
    ? { ...last, scene: findScene(last.scene)?.place ?? last.scene }
    : last;

/** The camera a link asks for; where it asks for none, that of last time. */
function choiceFromLink(
  query: LinkQuery,
  last: CameraChoice | null,
): { choice: CameraChoice; problem: string | null } {
  if (query.device === 'browser')
    return {
      choice: last?.device === 'browser' ? last : { device: 'browser' },
      problem: null,
    };
  const isKnown = last?.device === 'browser' || (last && findScene(last.scene) !== undefined);
  if (query.device === undefined && query.scene === undefined && last && isKnown)
    return { choice: inUsualLight(last), problem: null };
  const known = query.scene === undefined || findScene(query.scene) !== undefined;
  return {
    choice: { device: 'simulated', scene: known ? (query.scene ?? DEFAULT_SCENE) : DEFAULT_SCENE },
    problem: known ? null : `scene=${query.scene?.slice(0, 24)}`,
  };
}

/**
 * What a link leads to: camera and settings of last time, with what the link asks for on top. A
 * drill it asks for is not begun.
 *
 * @param link the address's query as an object, in JSON
 */
export function openingOf(link: string, { settings, camera }: KeptOpening): Opening {
  const before = leftAt(link);
  const query = before ? {} : linkQuery(JSON.parse(link) as Record<string, unknown>);
  const base = settings ?? DEFAULT_SETTINGS;
  const known = LENS_IDS.includes(base.lens) ? base : { ...base, lens: DEFAULT_SETTINGS.lens };
  const asked = settingsFromLink(query, known, LENS_IDS);
  const { choice, problem } = choiceFromLink(query, before ?? camera);
  const problems = problem === null ? asked.problems : [...asked.problems, problem];
  return { query, choice, settings: asked.settings, problems };
}
