/** What distances are shown in. */
export const DISTANCE_UNITS = ['m', 'ft'] as const;
export type DistanceUnit = (typeof DISTANCE_UNITS)[number];

/** The international foot. */
export const METRES_A_FOOT = 0.3048;

/** Numbers as a tape measure is read: two figures, three from ten on. */
function figures(value: number): string {
  if (value >= 99.5) return `${Math.round(value)}`;
  if (value >= 9.95) return `${Number(value.toFixed(value < 20 ? 1 : 0))}`;
  if (value >= 0.995) return `${Number(value.toFixed(1))}`;
  return `${Number(value.toFixed(2))}`;
}

/** Without its unit: "0.62", "1.1", "12", "∞". */
export const distanceFigures = (distanceM: number, unit: DistanceUnit): string =>
  distanceM === Infinity ? '∞' : figures(unit === 'ft' ? distanceM / METRES_A_FOOT : distanceM);

/** "0.62 m", "3.6 ft", "∞". */
export const formatDistance = (distanceM: number, unit: DistanceUnit): string =>
  distanceM === Infinity ? '∞' : `${distanceFigures(distanceM, unit)} ${unit}`;

/** "0.62 to 1.1 m", "3.4 m to ∞". */
export const formatZone = (nearM: number, farM: number, unit: DistanceUnit): string =>
  farM === Infinity
    ? `${formatDistance(nearM, unit)} to ∞`
    : `${distanceFigures(nearM, unit)} to ${formatDistance(farM, unit)}`;
