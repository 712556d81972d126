import type { Mat3 } from '../colour/mat3';
import { CIE_D55 } from '../colour/illuminants';
import { xyzFromChromaticity } from '../colour/chromaticity';
import { multiplyVec } from '../colour/mat3';
import type { SensorModel } from '../sensor/sensorModel';

/** One camera of the simulated phone: a fixed-aperture lens on a sensor of its own. Invented, and says so. */
export interface LensModel {
  readonly id: string;
  readonly label: string;
  readonly focalLength35Mm: number;
  readonly focalLengthMm: number;
  readonly fNumber: number;
  readonly sensor: SensorModel;
}

const DIAGONAL_35_MM = 43.27;

/** Invented colour response: strong green, weaker blue, weakest red, as filters over silicon have it. */
const RESPONSE: Mat3 = [0.95, -0.35, -0.1, -0.45, 1.3, 0.15, -0.08, 0.22, 0.55];

/** Scales a response so that the green of CIE D55 white of Y = 1 is 1. */
function normaliseResponse(response: Mat3): Mat3 {
  const green = multiplyVec(response, xyzFromChromaticity(CIE_D55))[1];
  return response.map((v) => v / green) as unknown as Mat3;
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
    xyzToCamera: normaliseResponse(RESPONSE),
  };
}

function lens(
  id: string,
  label: string,
  focalLength35Mm: number,
  fNumber: number,
  model: SensorModel,
): LensModel {
  const diagonalMm = (Math.hypot(model.widthPx, model.heightPx) * model.pixelPitchUm) / 1000;
  const focalLengthMm = (focalLength35Mm * diagonalMm) / DIAGONAL_35_MM;
  return { id, label, focalLength35Mm, focalLengthMm, fNumber, sensor: model };
}

/** The simulated phone's lenses, by 35 mm-equivalent focal length. */
export const LENSES: readonly LensModel[] = [
  lens('ultrawide', 'ultra-wide', 13, 2.8, sensor('Saltpan U (simulated)', 1.4, 6500, 4.4)),
  lens('main', 'main', 26, 2.4, sensor('Saltpan M (simulated)', 2, 12000, 5)),
  lens('tele', 'tele', 78, 3.4, sensor('Saltpan T (simulated)', 1.2, 5200, 4.1)),
];

/** Lens by id, or undefined. */
export const findLens = (id: string): LensModel | undefined => LENSES.find((l) => l.id === id);

/** Half the frame's width as a tangent: what scene coordinate the right edge of the frame sees. */
export const halfWidthTangent = (l: LensModel): number =>
  (l.sensor.widthPx * l.sensor.pixelPitchUm) / 1000 / 2 / l.focalLengthMm;
