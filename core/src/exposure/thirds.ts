import { CLICKS_PER_STOP } from './clicks';

const FRACTIONS = ['', '1/3', '2/3'];

/** Clicks as people say them, without sign: 0 -> "0", 1 -> "1/3", 8 -> "2 2/3". */
export function formatThirds(clicks: number): string {
  const n = Math.abs(Math.round(clicks));
  const whole = Math.floor(n / CLICKS_PER_STOP);
  const fraction = FRACTIONS[n % CLICKS_PER_STOP];
  if (whole === 0) return fraction === '' ? '0' : fraction;
  return fraction === '' ? `${whole}` : `${whole} ${fraction}`;
}

/** Clicks with a sign: "+2 2/3", "−1/3" (a true minus), "0". */
export function formatSignedThirds(clicks: number): string {
  const n = Math.round(clicks);
  if (n === 0) return '0';
  return `${n > 0 ? '+' : '−'}${formatThirds(n)}`;
}

/** "1 stop", "1/3 stop", "2 2/3 stops": clicks with their unit in running text. */
export function formatStops(clicks: number): string {
  return `${formatThirds(clicks)} ${Math.abs(Math.round(clicks)) > CLICKS_PER_STOP ? 'stops' : 'stop'}`;
}
