import type { Scene } from './scene';

/** Most thirds of a stop by which the light of a place is made brighter or darker. */
export const LIGHT_THIRDS = { min: -6, max: 6 } as const;

/** Id of a place under another light: "pans-at-noon@-2" is two thirds of a stop darker. */
export const inLight = (id: string, thirds: number): string =>
  thirds === 0 ? id : `${id}@${thirds}`;

/** A place id and the thirds of a stop in it; null where it is none. */
export function lightOfId(id: string): { readonly place: string; readonly thirds: number } | null {
  const found = /^([a-z-]+)@(-?[1-9])$/.exec(id);
  const thirds = Number(found?.[2]);
  if (!found || thirds < LIGHT_THIRDS.min || thirds > LIGHT_THIRDS.max) return null;
  return { place: found[1], thirds };
}

/** The same place with its own light brighter or darker; the phone's lamps stay as they are. */
export function underOtherLight(scene: Scene, thirds: number): Scene {
  const lightStops = thirds / 3;
  const { id, stated } = scene;
  return {
    ...scene,
    id: inLight(id, thirds),
    place: id,
    lightStops,
    stated: { ...stated, luminance: stated.luminance * 2 ** lightStops },
  };
}
