import { CIE_D55 } from '../colour/illuminants';
import { whitePointOf } from '../colour/whitePoint';
import { timeSFromClick } from '../exposure/clicks';
import { dioptresOf } from '../optics/defocus';
import { depthAt } from '../scene/depths';
import type { Framing } from '../scene/framing';
import type { Scene } from '../scene/scene';
import { findScene } from '../scene/scenes';
import type { SimulatedShot } from './simulatedPlan';

/** Distance of what lies in the middle of a scene's opening picture. */
function opticalAxisM(scene: Scene): number {
  const middle: Framing = {
    ...scene.framing,
    halfLongTangent: 1,
    longPx: 2,
    shortPx: 2,
    layout: 'level',
  };
  return depthAt(scene, middle, 1, 1);
}

/**
 * A plain shot of a scene, 1/125 s at ISO 100: whole main lens focused on the middle, level, on a
 * tripod, nothing before the lens.
 */
export function plainShot(sceneId: string): SimulatedShot {
  const scene = findScene(sceneId);
  const opening = scene?.framing ?? { yawRad: 0, pitchRad: 0 };
  return {
    sceneId,
    lensId: 'main',
    crop: 1,
    timeS: timeSFromClick(-21),
    isoClick: 0,
    compClicks: 0,
    meter: 'centre',
    program: 'manual',
    focusDioptres: scene ? dioptresOf(opticalAxisM(scene)) : 0,
    sizeMp: 12,
    files: 'dng',
    jpegQuality: 92,
    aspect: '4:3',
    upright: false,
    ...opening,
    filterStops: 0,
    torch: false,
    flash: null,
    steady: true,
    stabiliserStops: 0,
    mainsHz: 50,
    startS: 0,
    white: whitePointOf(scene?.white ?? CIE_D55),
    whiteIsAuto: false,
    seed: 1,
    capturedAt: { epochMs: 0, offsetMinutes: 0 },
    series: null,
    gathered: null,
  };
}
