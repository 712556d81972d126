import type { Development } from '@velmo/core/recipe';
import { thumbnails } from '../databases';

/** Where the small picture of a frame lies that was developed by a recipe, and by which. */
export const developedKey = (id: string): string => `${id}/developed`;

const separator = '\n';

/** The small picture of a frame by this recipe; null where none was kept of it. */
export async function keptThumbnail(id: string, development: Development): Promise<string | null> {
  const text = await thumbnails.read(developedKey(id)).catch(() => null);
  const [recipe, picture = ''] = text?.split(separator) ?? [];
  return recipe === JSON.stringify(development) && picture.startsWith('data:image/')
    ? picture
    : null;
}

/** Keeps it instead of the one before. What cannot be kept is made again the next time. */
export const keepThumbnail = (id: string, development: Development, url: string): Promise<void> =>
  thumbnails
    .write({ [developedKey(id)]: JSON.stringify(development) + separator + url })
    .catch(() => {});
