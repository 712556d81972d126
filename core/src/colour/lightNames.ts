import type { WhitePoint } from './whitePoint';

/**
 * A light people know by name. Values are common practice: such lights differ from one to the next.
 */
export interface NamedLight extends WhitePoint {
  readonly id: string;
  readonly label: string;
}

export const NAMED_LIGHTS: readonly NamedLight[] = [
  { id: 'lamp', label: 'lamp', kelvin: 2850, tint: 0 },
  { id: 'warm-led', label: 'warm LED', kelvin: 3100, tint: 0 },
  { id: 'fluorescent', label: 'fluorescent', kelvin: 4000, tint: 6 },
  { id: 'noon', label: 'noon, flash', kelvin: 5500, tint: 0 },
  { id: 'cloud', label: 'cloud', kelvin: 6500, tint: 0 },
  { id: 'shade', label: 'shade', kelvin: 7500, tint: 0 },
];

/** The named light a white point is, or null. */
export const namedLight = ({ kelvin, tint }: WhitePoint): NamedLight | null =>
  NAMED_LIGHTS.find((l) => Math.abs(l.kelvin - kelvin) < 1 && Math.abs(l.tint - tint) < 0.01) ??
  null;

/** A temperature as it is engraved: steps of 50 K up to 4000, of 100 K above. */
export const nominalKelvin = (kelvin: number): number => {
  const step = kelvin < 4000 ? 50 : 100;
  return Math.round(kelvin / step) * step;
};

/** "0", "6 green", "4 magenta": the light's own cast, in thousandths of CIE 1960 uv. */
export function tintWords(tint: number): string {
  const rounded = Math.round(Math.abs(tint));
  return rounded === 0 ? '0' : `${rounded} ${tint > 0 ? 'green' : 'magenta'}`;
}
