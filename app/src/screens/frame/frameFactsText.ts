import { nominalKelvin, tintWords } from '@velmo/core/colour';
import { clickFromIso, formatSignedThirds, nominalIso, timeWords } from '@velmo/core/exposure';
import { formatDistance } from '@velmo/core/optics';
import type { FrameSummary } from '../../frame/frameView';

const percent = (share: number): string =>
  share === 0 ? '0 %' : share < 1e-4 ? '< 0.01 %' : `${(100 * share).toFixed(2)} %`;

/**
 * Name and value of everything worth saying about a frame; what the file does not hold is left out.
 *
 * @param hasRaw the frame has a raw beside the picture this is said of
 */
export function frameFacts(
  { width, height, raw, exif }: FrameSummary,
  hasRaw = false,
): [string, string][] {
  const facts: [string, string][] = [];
  const add = (name: string, value: string | undefined): void => {
    if (value !== undefined) facts.push([name, value]);
  };
  const { timeS, iso, fNumber, focalLength35Mm, focusedM, compensationStops } = exif;
  add('Time', timeS === undefined ? undefined : timeWords(timeS));
  add('ISO', iso === undefined ? undefined : nominalIso(clickFromIso(iso)));
  add('Aperture', fNumber === undefined ? undefined : `f/${fNumber}`);
  add('Lens', focalLength35Mm === undefined ? undefined : `${focalLength35Mm} mm equivalent`);
  add('Focus', focusedM === undefined ? undefined : formatDistance(focusedM, 'm'));
  add(
    'Comp',
    compensationStops === undefined ? undefined : formatSignedThirds(3 * compensationStops),
  );
  if (raw) {
    const { kelvin, tint } = raw.white;
    if (raw.kind === 'cfa') add('White', `${nominalKelvin(kelvin)} K, tint ${tintWords(tint)}`);
    const [red, green, blue] = raw.statistics.clippedShare.map(percent);
    add('Clipped', `red ${red}, green ${green}, blue ${blue}`);
    if (raw.unapplied.length > 0)
      add(
        'Left out',
        `${raw.unapplied.join(', ')}: the file asks for it, the picture is shown without`,
      );
  } else
    add(
      'Raw',
      hasRaw ? 'in its DNG: this is the finished picture' : 'not kept: this is a finished picture',
    );
  const holds = raw ? (raw.kind === 'cfa' ? ', raw mosaic' : ', linear RGB') : '';
  add('Size', `${width} × ${height}${holds}`);
  add('Taken', exif.dateTimeOriginal?.replace(/^(\d+):(\d+):/, '$1-$2-'));
  add('Made by', [exif.make, exif.model].filter(Boolean).join(' ') || undefined);
  add('Note', exif.description);
  return facts;
}
