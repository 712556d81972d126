import { formatSignedThirds } from '@velmo/core/exposure';
import type { ComparedFrames } from '../../frame/compareFrames';

/** Stops within which two frames are equally bright (a twentieth of a stop is not seen). */
const SAME_STOPS = 0.05;
/** What is left beyond this many times the noise is no noise. */
const SAME_NOISE = 1.1;

const percent = (share: number): string =>
  share === 0 ? '0' : share < 0.001 ? 'under 0.1' : (100 * share).toFixed(share < 0.1 ? 1 : 0);

/** "1/3 stop", "2 stops": how far apart two brightnesses are. */
function stopsWords(stops: number): string {
  const thirds = Math.round(3 * Math.abs(stops));
  if (thirds === 0) return `${Math.abs(stops).toFixed(2)} stop`;
  return `${formatSignedThirds(thirds).replace('+', '')} ${thirds > 3 ? 'stops' : 'stop'}`;
}

/**
 * What two frames have in common and what not, most important first.
 *
 * @param b what the second is called; the first is A
 */
export function compareWords({ raw, shownStops }: ComparedFrames, b = 'B'): string[] {
  const sided = (stops: number): string =>
    `${b} is ${stopsWords(stops)} ${stops > 0 ? 'brighter' : 'darker'} than A`;
  const lines: string[] = [];
  if (!raw)
    lines.push('Their raws have different sizes or kinds: values cannot be laid on one another.');
  else {
    const { channels, differing, largest, range, overNoise } = raw;
    const [red, green, blue] = channels.map(({ stops }) => stops);
    const equal = [red, green, blue].every((stops) => !(Math.abs(stops) > SAME_STOPS));
    const noisy = overNoise !== null && overNoise < SAME_NOISE;
    if (largest === 0) lines.push('The same raw data.');
    else if (!Number.isFinite(green))
      lines.push('Nowhere are both above their noise and below clipping.');
    else if (equal && noisy)
      lines.push('The same light in both raws: they differ by no more than their noise.');
    else if (equal && overNoise === null)
      lines.push(
        'As bright as each other in the raw. Whether they differ by more than noise, their files do not tell.',
      );
    else if (equal) lines.push('As bright as each other in the raw, and not the same picture.');
    else
      lines.push(
        `In the raw ${sided(green)}${noisy ? ', and differs by nothing else but noise' : ''}.`,
      );
    lines.push(
      `Largest difference ${largest} of ${range}, in ${percent(differing)} % of photosites.`,
    );
    if (!equal && [red, blue].some((stops) => Math.abs(stops - green) > SAME_STOPS))
      lines.push(
        `By channel: ${[red, green, blue]
          .map(
            (s, c) =>
              `${['red', 'green', 'blue'][c]} ${Number.isFinite(s) ? s.toFixed(2) : 'not known'}`,
          )
          .join(', ')} stops.`,
      );
  }
  if (Math.abs(shownStops) > SAME_STOPS)
    lines.push(
      `${b} is shown ${stopsWords(shownStops)} ${shownStops > 0 ? 'brighter' : 'darker'} than its raw, against A: that is its ISO’s doing, not the sensor’s.`,
    );
  return lines;
}

/** Photosites under which a frame has not moved. */
const STILL = 1;

/** How a frame was laid on A, by how many photosites. */
export function movedWords(
  name: string,
  moved: { readonly x: number; readonly y: number } | null,
  size: { readonly width: number; readonly height: number },
): string {
  if (!moved) return `${name} and A have too little in common to be aligned.`;
  const [x, y] = [moved.x * size.width, moved.y * size.height];
  if (Math.hypot(x, y) < STILL) return `${name} lies as A does.`;
  const ways = [
    Math.abs(x) < STILL ? '' : `${Math.round(Math.abs(x))} ${x > 0 ? 'right' : 'left'}`,
    Math.abs(y) < STILL ? '' : `${Math.round(Math.abs(y))} ${y > 0 ? 'down' : 'up'}`,
  ].filter((way) => way !== '');
  return `${name} lay ${ways.join(', ')} of A, in photosites.`;
}
