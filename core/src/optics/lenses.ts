import { DIAGONAL_35_MM } from './circleOfConfusion';
import { SALTPAN_SENSITIVITIES } from '../sensor/sensitivities';
import type { SensorModel } from '../sensor/sensorModel';

/**
 * One camera of the simulated phone: a fixed-aperture lens on a sensor of its own. Invented, and
 * says so.
 */
export interface LensModel {
  readonly id: string;
  readonly label: string;
  readonly focalLength35Mm: number;
  readonly focalLengthMm: number;
  readonly fNumber: number;
  /** Closest distance it focuses at, in metres. */
  readonly closestM: number;
  /** The distance it is focused at for good, where it cannot be moved. */
  readonly fixedFocusM: number | null;
  readonly sensor: SensorModel;
}

function sensor(
  name: string,
  pixelPitchUm: number,
  saturationE: number,
  readPost: number,
): SensorModel {
  return {
    name,
    widthPx: 4032,
    heightPx: 3024,
    pixelPitchUm,
    saturationE,
    readNoisePreE: 1.4,
    readNoisePostE: readPost,
    prnu: 0.004,
    baseIso: 100,
    bits: 12,
    blackLevel: 256,
    whiteLevel: 4095,
    sensitivities: SALTPAN_SENSITIVITIES,
  };
}

function lens(
  id: string,
  label: string,
  focalLength35Mm: number,
  fNumber: number,
  focus: Pick<LensModel, 'closestM' | 'fixedFocusM'>,
  model: SensorModel,
): LensModel {
  const diagonalMm = (Math.hypot(model.widthPx, model.heightPx) * model.pixelPitchUm) / 1000;
  const focalLengthMm = (focalLength35Mm * diagonalMm) / DIAGONAL_35_MM;
  return { id, label, focalLength35Mm, focalLengthMm, fNumber, ...focus, sensor: model };
}

const moves = (closestM: number) => ({ closestM, fixedFocusM: null });
/** Fixed a little nearer than the landscape needs, so that a hand's breadth is nearly sharp too. */
const fixedAt = (distanceM: number) => ({ closestM: distanceM, fixedFocusM: distanceM });

/** The simulated phone's lenses, by 35 mm-equivalent focal length. */
export const LENSES: readonly LensModel[] = [
  lens(
    'ultrawide',
    'ultra-wide',
    13,
    2.8,
    fixedAt(0.7),
    sensor('Saltpan U (simulated)', 1.4, 6500, 4.4),
  ),
  lens('main', 'main', 26, 2.4, moves(0.1), sensor('Saltpan M (simulated)', 2, 12000, 5)),
  lens('tele', 'tele', 78, 3.4, moves(0.5), sensor('Saltpan T (simulated)', 1.2, 5200, 4.1)),
];

/** Lens by id, or undefined. */
export const findLens = (id: string): LensModel | undefined => LENSES.find((l) => l.id === id);
