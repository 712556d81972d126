import type { Development } from '@velmo/core/recipe';
import { createStore } from '../../state/store';

/** The recipe that was copied last, to be used for other frames; forgotten with the page. */
export const copiedRecipe = createStore<Development | null>(null);
