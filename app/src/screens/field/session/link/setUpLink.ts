/**
 * A link that sets Field up, as often as it is pressed: one that is the same as before would be
 * taken for a way back.
 *
 * @param query "scene=pans-at-noon&iso=1600"
 */
export const setUpLink = (query: string): `/?${string}` =>
  `/?${query}&asked=${Date.now().toString(36)}`;
