/** From the nearest frame to the farthest: sand, green, water, dusk. */
const RAMP = [
  [236, 190, 92],
  [122, 176, 116],
  [72, 138, 178],
  [110, 82, 150],
] as const;

/** The colour of a frame in the map of what is taken where, as bytes of red, green and blue. */
export function frameColour(place: number, count: number): readonly [number, number, number] {
  const at = ((RAMP.length - 1) * place) / Math.max(1, count - 1);
  const k = Math.min(RAMP.length - 2, Math.floor(at));
  const mix = (c: 0 | 1 | 2): number =>
    Math.round(RAMP[k][c] + (at - k) * (RAMP[k + 1][c] - RAMP[k][c]));
  return [mix(0), mix(1), mix(2)];
}
