import { CLICKS_PER_STOP } from './clicks';

/** A click is a third; half clicks exist where compensation is counted in half stops. */
const SIXTHS_PER_CLICK = 2;
const SIXTHS_PER_STOP = CLICKS_PER_STOP * SIXTHS_PER_CLICK;
const FRACTIONS = ['', '1/6', '1/3', '1/2', '2/3', '5/6'];

const sixths = (clicks: number): number => Math.round(clicks * SIXTHS_PER_CLICK);

/** Clicks as people say them, without sign: 0 -> "0", 1 -> "1/3", 1.5 -> "1/2", 8 -> "2 2/3". */
export function formatThirds(clicks: number): string {
  const n = Math.abs(sixths(clicks));
  const whole = Math.floor(n / SIXTHS_PER_STOP);
  const fraction = FRACTIONS[n % SIXTHS_PER_STOP];
  if (whole === 0) return fraction === '' ? '0' : fraction;
  return fraction === '' ? `${whole}` : `${whole} ${fraction}`;
}

/** Clicks with a sign: "+2 2/3", "−1/3" (a true minus), "0". */
export function formatSignedThirds(clicks: number): string {
  const n = sixths(clicks);
  if (n === 0) return '0';
  return `${n > 0 ? '+' : '−'}${formatThirds(clicks)}`;
}

/** "1 stop", "1/3 stop", "2 2/3 stops": clicks with their unit in running text. */
export function formatStops(clicks: number): string {
  return `${formatThirds(clicks)} ${Math.abs(sixths(clicks)) > SIXTHS_PER_STOP ? 'stops' : 'stop'}`;
}
