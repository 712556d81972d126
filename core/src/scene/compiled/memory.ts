import type { Chromaticity } from '../../colour/chromaticity';
import type { Mat3 } from '../../colour/mat3';
import { SRGB_TO_XYZ } from '../../colour/srgb';
import { padded } from '../../wasm';
import type { LampTint } from '../besideLamp';
import { lightOf } from '../light';
import { LATTICE } from '../rays/four';
import { LAMP, OWN_SHARE, TO_CAMERA, TO_XYZ, WHITE } from '../rays/setting';

/** Where things lie in a place's memory, in bytes; core/assembly/four.ts says the same. */
export const SETTING_AT = 1024;
const LATTICE_AT = 2048;
/** From here on the caller's. */
export const FREE_AT = padded(LATTICE_AT + LATTICE.byteLength);

/** Lays the lattice of the noise into a new memory. */
export const layLattice = (buffer: ArrayBuffer): void =>
  new Float32Array(buffer).set(LATTICE, LATTICE_AT / 4);

/** How light is received, whatever sends it. */
export interface Receiving {
  /** Of the place's own light. */
  readonly white: Chromaticity;
  readonly xyzToCamera: Mat3;
  /** Share of the place's own light. */
  readonly own: 0 | 1;
  /** Of a lamp beside the lens. */
  readonly tint: LampTint | null;
}

/** Writes it where a place reads it. */
export function writeReceiving(
  at: Float32Array,
  { white, xyzToCamera, own, tint }: Receiving,
): void {
  at[OWN_SHARE] = own;
  at.set(tint ?? [0, 0, 0], LAMP);
  at.set(lightOf(white), WHITE);
  at.set(xyzToCamera, TO_CAMERA);
  at.set(SRGB_TO_XYZ, TO_XYZ);
}
