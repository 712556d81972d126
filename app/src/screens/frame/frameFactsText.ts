import {
  clickFromIso,
  clickFromTimeS,
  formatSignedThirds,
  nominalIso,
  nominalTime,
} from '@velmo/core/exposure';
import type { FrameSummary } from './frameView';

const percent = (share: number): string =>
  share === 0 ? '0 %' : share < 1e-4 ? '< 0.01 %' : `${(100 * share).toFixed(2)} %`;

/** Name and value of everything worth saying about a frame; what the file does not hold is left out. */
export function frameFacts({
  kind,
  width,
  height,
  statistics,
  exif,
}: FrameSummary): [string, string][] {
  const facts: [string, string][] = [];
  const add = (name: string, value: string | undefined): void => {
    if (value !== undefined) facts.push([name, value]);
  };
  const { timeS, iso, fNumber, focalLength35Mm, compensationStops } = exif;
  add('Time', timeS === undefined ? undefined : `${nominalTime(clickFromTimeS(timeS))} s`);
  add('ISO', iso === undefined ? undefined : nominalIso(clickFromIso(iso)));
  add('Aperture', fNumber === undefined ? undefined : `f/${fNumber}`);
  add('Lens', focalLength35Mm === undefined ? undefined : `${focalLength35Mm} mm equivalent`);
  add(
    'Comp',
    compensationStops === undefined ? undefined : formatSignedThirds(3 * compensationStops),
  );
  const [red, green, blue] = statistics.clippedShare.map(percent);
  add('Clipped', `red ${red}, green ${green}, blue ${blue}`);
  add('Size', `${width} × ${height}, ${kind === 'cfa' ? 'raw mosaic' : 'linear RGB'}`);
  add('Taken', exif.dateTimeOriginal?.replace(/^(\d+):(\d+):/, '$1-$2-'));
  add('Made by', [exif.make, exif.model].filter(Boolean).join(' ') || undefined);
  add('Note', exif.description);
  return facts;
}
