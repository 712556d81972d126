import type { SimulatedShot } from './simulatedPlan';

/** A try at a drill: which, and how often its light and framing have been changed. */
export interface DrillPlace {
  /** Small letters and hyphens. */
  readonly id: string;
  /** 0, 1, 2 ... */
  readonly round: number;
}

/** What a frame's file says of the drill it was made in, besides its Exif. */
export interface DrillShot extends DrillPlace {
  /** Direction of the lens axis in radians. */
  readonly yawRad: number;
  readonly pitchRad: number;
  readonly crop: number;
  readonly sizeMp: 12 | 3;
  readonly steady: boolean;
  readonly stabiliserStops: number;
  readonly filterStops: number;
  readonly torch: boolean;
  readonly mainsHz: 50 | 60;
  /** Scene time at which the shutter opened, in seconds. */
  readonly startS: number;
}

const held = (steady: boolean): string => (steady ? 'on a tripod' : 'by hand');

/**
 * One sentence for a frame's description, from which it can be judged wherever the file has been
 * meanwhile; '' where it was made in no drill.
 */
export function drillSentence(shot: SimulatedShot): string {
  if (!shot.drill) return '';
  const { id, round } = shot.drill;
  return (
    ` Drill ${id}, round ${round}: aimed ${shot.yawRad} ${shot.pitchRad} rad, cropped ${shot.crop}, ` +
    `${shot.sizeMp} MP, ${held(shot.steady)}, stabiliser ${shot.stabiliserStops}, filter ${shot.filterStops}, ` +
    `torch ${shot.torch ? 'on' : 'off'}, mains ${shot.mainsHz}, from ${shot.startS} s.`
  );
}

const NUMBER = '(-?\\d[\\d.e+-]*)';
const SENTENCE = new RegExp(
  `Drill ([a-z-]+), round (\\d+): aimed ${NUMBER} ${NUMBER} rad, cropped ${NUMBER}, ` +
    `(12|3) MP, (by hand|on a tripod), stabiliser ${NUMBER}, filter ${NUMBER}, ` +
    `torch (on|off), mains (50|60), from ${NUMBER} s\\.`,
);

/** The same, read; null where a description has no such sentence. */
export function readDrillSentence(description: string): DrillShot | null {
  const found = SENTENCE.exec(description);
  if (!found) return null;
  const number = (at: number): number => Number(found[at]);
  return {
    id: found[1],
    round: number(2),
    yawRad: number(3),
    pitchRad: number(4),
    crop: number(5),
    sizeMp: found[6] === '12' ? 12 : 3,
    steady: found[7] === held(true),
    stabiliserStops: number(8),
    filterStops: number(9),
    torch: found[10] === 'on',
    mainsHz: found[11] === '60' ? 60 : 50,
    startS: number(12),
  };
}
