import {
  SIMULATED_BASE_ISO_CLICK,
  SIMULATED_ISO,
  SIMULATED_TIME,
  simulatedContext,
  simulatedSolverInput,
} from '@velmo/core/simulate';
import { WHITE_KELVIN } from '@velmo/core/colour';
import { METER_PATTERNS } from '@velmo/core/exposure';
import { croppedSize, findLens, LENSES } from '@velmo/core/optics';
import type { Scene } from '@velmo/core/scene';
import { SERIES_KINDS } from '@velmo/core/series';
import { COMP_CLICKS, FILE_KINDS } from '@velmo/core/settings';
import type { CameraCapabilities } from '../device/capabilities';
import { simulatedFocus } from './simulatedFocus';

/** What the simulated phone can do in a place. */
export function simulatedCapabilities(scene: Scene): CameraCapabilities {
  return {
    label: scene.name,
    notice: 'Simulated: scene, lens and sensor are computed, not photographed.',
    time: SIMULATED_TIME,
    iso: SIMULATED_ISO,
    baseIsoClick: SIMULATED_BASE_ISO_CLICK,
    compensation: COMP_CLICKS,
    lenses: LENSES.map((l) => ({ id: l.id, label: `${l.focalLength35Mm} mm f/${l.fNumber}` })),
    sizesMp: [12, 3],
    hasRig: true,
    meterPatterns: METER_PATTERNS,
    canPan: true,
    focus: simulatedFocus,
    longSidePx: ({ lens, crop }) => croppedSize(findLens(lens) ?? LENSES[1], crop, 1).widthPx,
    hasDepth: true,
    white: { kelvin: WHITE_KELVIN, tint: true },
    zoomMax: null,
    hasTorch: true,
    flash: ['begin', 'end'],
    canLock: true,
    series: SERIES_KINDS,
    coversScene: 'by its light',
    averages: false,
    takesPhotos: false,
    frameSizes: [],
    frameSize: null,
    letGoWhenHidden: false,
    fileKinds: FILE_KINDS,
    hasAspect: true,
    readsRaw: true,
    dngIs: 'DNG',
    solverInput: simulatedSolverInput,
    exposureContext: (settings, readings) =>
      simulatedContext(scene, settings, readings?.cosDeclination ?? null),
  };
}
