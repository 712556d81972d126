import type { LightPlane } from '../../sensor/lightPlane';
import { KeptRoutines, padded } from '../../wasm';
import { framingPixel, type Framing } from '../framing';
import { lightFieldOf } from '../lightField';
import { inMemory } from '../rays/four';
import { renderRow, type Look } from '../rays/rayRow';
import {
  COS_PITCH,
  COS_YAW,
  HALF_LONG,
  HALF_SHORT,
  PATTERN,
  PIXEL,
  SETTING_LENGTH,
  SIN_PITCH,
  SIN_YAW,
  UPRIGHT,
  UPRIGHT_SENSOR,
} from '../rays/setting';
import type { Scene } from '../scene';
import { FREE_AT, layLattice, SETTING_AT, writeReceiving, type Receiving } from './memory';
import { compiledOf } from './places';

/** See renderRow of rays/rayRow.ts, which is what they are in TypeScript. */
interface RowRoutines {
  row(
    column: number,
    row: number,
    width: number,
    samples: number,
    layout: number,
    lamp: number,
    rgb: number,
    depth: number,
  ): void;
}

const places = new Map<Look, KeptRoutines<RowRoutines>>();

function routinesOf(look: Look): KeptRoutines<RowRoutines> {
  const known = places.get(look);
  if (known) return known;
  const plain = (buffer: ArrayBuffer): RowRoutines => ({
    row(...where) {
      inMemory(buffer);
      renderRow(look, ...where);
    },
  });
  const made = new KeptRoutines(compiledOf(look), plain, layLattice);
  places.set(look, made);
  return made;
}

/** Sub-pixel positions of 1, 2 or 4 samples a pixel (rotated grid): x, y, x, y ... */
const PATTERNS = {
  1: [0.5, 0.5],
  2: [0.25, 0.25, 0.75, 0.75],
  4: [0.375, 0.125, 0.875, 0.375, 0.125, 0.625, 0.625, 0.875],
} as const;

const LAYOUTS = { level: 0, upright: UPRIGHT, 'upright-sensor': UPRIGHT_SENSOR } as const;

/** What the rows of a picture are rendered with. */
export interface RowSetting extends Omit<Receiving, 'white'> {
  readonly scene: Scene;
  readonly framing: Framing;
  /** Rays a pixel. */
  readonly samples: 1 | 2 | 4;
}

function writeSetting(at: Float32Array, setting: RowSetting): void {
  const { scene, framing, samples } = setting;
  const { halfLongTangent: long } = framing;
  at[PIXEL] = framingPixel(framing);
  at[HALF_LONG] = long;
  at[HALF_SHORT] = (long * framing.shortPx) / framing.longPx;
  at[COS_PITCH] = Math.cos(framing.pitchRad);
  at[SIN_PITCH] = Math.sin(framing.pitchRad);
  at[COS_YAW] = Math.cos(framing.yawRad);
  at[SIN_YAW] = Math.sin(framing.yawRad);
  at.set(PATTERNS[samples], PATTERN);
  writeReceiving(at, { ...setting, white: scene.white });
}

/**
 * Renders all that keeps still in a plane, row by row, with vectors where the browser has them.
 *
 * @param plane receives light and distances
 * @param plain true: without WebAssembly in any case
 */
export function renderRows(setting: RowSetting, plane: LightPlane, plain = false): void {
  const { width, height } = plane;
  const depthAt = FREE_AT + padded(12 * width);
  const { buffer, routines } = routinesOf(lightFieldOf(setting.scene).look).of(
    depthAt + padded(4 * width),
    plain,
  );
  const floats = new Float32Array(buffer);
  writeSetting(floats.subarray(SETTING_AT / 4, SETTING_AT / 4 + SETTING_LENGTH), setting);
  const rgb = floats.subarray(FREE_AT / 4, FREE_AT / 4 + 3 * width);
  const depth = floats.subarray(depthAt / 4, depthAt / 4 + width);
  const layout = LAYOUTS[setting.framing.layout];
  const lamp = setting.tint ? 1 : 0;
  for (let y = 0; y < height; y++) {
    const row = plane.row + y;
    routines.row(plane.column, row, width, setting.samples, layout, lamp, FREE_AT, depthAt);
    plane.rgb.set(rgb, 3 * y * width);
    plane.depthM.set(depth, y * width);
  }
}
