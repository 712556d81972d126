export { AHEAD_CHOICES, type AheadChoice } from './lightAhead';
export { FLASH_GUIDE_NUMBER, longFlash } from './flash';
export { type LampReadout, READOUT_S, rowShares, striped } from './lampStripes';
export { noiseProfile, type RawLevels, rawLevels } from './rawLevels';
export { meterResponse, sceneResponse } from './sceneResponse';
export { type DrillPlace, drillSentence, type DrillShot, readDrillSentence } from './drillSentence';
export { readPhase } from './phasePixels';
export { type RegionExposure, type RegionTarget, SensorRegion } from './sensorRegion';
export {
  bandMargin,
  bandRows,
  captureBand,
  type CapturedBand,
  clippedShareOf,
  encodeRawBand,
  exposeBand,
  type StageListener,
} from './simulatedBand';
export { simulatedDeveloper } from './simulatedDeveloper';
export { assembleSimulatedDng, depthMapOf, mosaicOf } from './simulatedDng';
export { layPreview, previewRows } from './simulatedPreview';
export { plainShot } from './plainShot';
export {
  planSimulated,
  SIMULATED_MAKE,
  SIMULATED_MODEL,
  simulatedMetadata,
  simulatedOrientation,
  type SimulatedPlan,
  type GatheredFrames,
  type SimulatedShot,
} from './simulatedPlan';
export {
  SIMULATED_BASE_ISO_CLICK,
  SIMULATED_ISO,
  SIMULATED_TIME,
  simulatedSolverInput,
} from './simulatedSolver';
export { lightKey } from './lightKey';
export { StillLight } from './stillLight';
export { simulatedContext } from './simulatedContext';
