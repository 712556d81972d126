import { spectrumOf } from '../colour/observer';
import type { CameraSensitivities } from './cameraResponse';

const lobe = (nm: number, peak: number, below: number, above: number): number =>
  Math.exp(-0.5 * ((nm - peak) / (nm < peak ? below : above)) ** 2);

/** The glass before the sensor: cuts what the eye does not see on either side. */
const glass = (nm: number): number =>
  1 / (1 + Math.exp((nm - 665) / 8)) / (1 + Math.exp((405 - nm) / 6));

/**
 * Invented sensitivities of the simulated phone: dyed filters over silicon, each leaking a little
 * of its neighbours' light, so that the camera sees colour almost, but not quite, as the eye does.
 */
export const SALTPAN_SENSITIVITIES: CameraSensitivities = [
  spectrumOf(
    (nm) =>
      glass(nm) *
      (0.78 * lobe(nm, 600, 30, 45) + 0.06 * lobe(nm, 530, 30, 30) + 0.03 * lobe(nm, 450, 25, 25)),
  ),
  spectrumOf((nm) => glass(nm) * (lobe(nm, 533, 38, 38) + 0.05 * lobe(nm, 450, 30, 30))),
  spectrumOf((nm) => glass(nm) * (0.82 * lobe(nm, 458, 26, 34) + 0.04 * lobe(nm, 530, 30, 30))),
];
