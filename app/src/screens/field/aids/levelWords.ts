import { TRUE_DEG, type Level } from '@velmo/core/aids';

/** "1.4°", in as many digits as a hand can hold. */
const degrees = (deg: number): string => {
  const size = Math.abs(deg);
  return `${size < 9.95 ? size.toFixed(1) : Math.round(size)}°`;
};

/** "up 12°", "down 3.1°", "straight" */
export const tiltWords = ({ tiltDeg }: Level): string =>
  Math.abs(tiltDeg) <= TRUE_DEG
    ? 'straight ahead'
    : `${tiltDeg > 0 ? 'up' : 'down'} ${degrees(tiltDeg)}`;

/**
 * "plumb · down 3.1°", "1.4° right · straight ahead": which side is too low, and where it looks.
 */
export function levelWords(level: Level | null): string {
  if (!level) return '';
  const { rollDeg, off, isTrue } = level;
  if (off) {
    if (isTrue) return 'plumb';
    const parts = [
      Math.abs(off.rightDeg) > 0.25 &&
        `right ${off.rightDeg > 0 ? 'high' : 'low'} ${degrees(off.rightDeg)}`,
      Math.abs(off.topDeg) > 0.25 &&
        `top ${off.topDeg > 0 ? 'high' : 'low'} ${degrees(off.topDeg)}`,
    ];
    return parts.filter(Boolean).join(' · ');
  }
  const roll = isTrue ? 'plumb' : `${degrees(rollDeg!)} ${rollDeg! > 0 ? 'right' : 'left'}`;
  return `${roll} · ${tiltWords(level)}`;
}
