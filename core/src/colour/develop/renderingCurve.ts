/**
 * The rendering curve: scene-linear light, 0.18 = mid-grey, to display-linear 0..1. The identity up
 * to a knee, then a cubic that meets display white exactly where the raw clips, so that clipped raw
 * is white at every ISO, extended ISO included, and nothing below it is.
 *
 * @param clipLevel scene-linear value at which the raw clips; above 0
 */
export function renderingCurve(clipLevel: number): (x: number) => number {
  const knee = Math.min(0.5, clipLevel * 0.6);
  const span = clipLevel - knee;
  const rise = 1 - knee;
  // Hermite slopes in units of rise per span: identity at the knee, gentle at the top; kept
  // monotone.
  const m0 = Math.min(3, span / rise);
  const m1 = Math.min(3, clipLevel > 1 ? 0.25 : rise / span);
  return (x) => {
    if (x <= knee) return x < 0 ? 0 : x;
    if (x >= clipLevel) return 1;
    const t = (x - knee) / span;
    const t2 = t * t;
    const t3 = t2 * t;
    return knee + rise * ((t3 - 2 * t2 + t) * m0 + (3 * t2 - 2 * t3) + (t3 - t2) * m1);
  };
}
