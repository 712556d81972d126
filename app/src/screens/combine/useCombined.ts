import { useFrame, useFrames, useSeries } from '../../storage/frames/frameQueries';
import type { CombineRecipe } from '../../storage/frames/frameRecord';
import { sourceFile, sourceKind } from '../../combine/sourceFile';
import type { ListedFrame } from '../../storage/frames/madeFrame';

/** What an address asks to be combined: chosen frames, a stack, or the sources of a frame again. */
interface CombineParams {
  readonly ids?: string;
  readonly series?: string;
  readonly again?: string;
}

/** The frames an address asks for. */
interface ToCombine {
  readonly frames: readonly ListedFrame[];
  readonly recipe: CombineRecipe | null;
  /** Why they cannot be combined (yet); null: they can. */
  readonly words: string | null;
}

const UNREADABLE =
  'The browser’s storage could not be read just now. Reload the page to try again.';

/** The frames that an address asks to combine. */
export function useCombined({ ids = '', series = '', again = '' }: CombineParams): ToCombine {
  const made = useFrame(again);
  const recipe = (again && made.data?.record.combined) || null;
  const chosen = useFrames(recipe ? recipe.sources : ids.split(',').filter((id) => id !== ''));
  const stack = useSeries(series);
  const asked = series ? [stack] : again && !recipe ? [made] : chosen;
  const nothing = { frames: [], recipe: null };
  if (asked.some(({ isError }) => isError)) return { ...nothing, words: UNREADABLE };
  if (asked.some(({ isPending }) => isPending)) return { ...nothing, words: 'Opening ...' };
  if (again && !recipe)
    return {
      ...nothing,
      words: 'This frame was not combined from others, or is not here any more.',
    };
  const found = series ? (stack.data ?? []) : chosen.flatMap(({ data }) => data ?? []);
  const frames = [...found].sort((a, b) => a.record.capturedAt - b.record.capturedAt);
  const kind = sourceKind(frames);
  if (frames.filter((frame) => sourceFile(frame, kind)).length < 2)
    return {
      ...nothing,
      words:
        'Two frames at least are needed to combine them, both with a raw or both with a picture: choose them in a roll.',
    };
  return { frames, recipe, words: null };
}
