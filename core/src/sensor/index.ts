export { addEnlarged } from './addEnlarged';
export { binLinear } from './binLinear';
export { binMosaic } from './binMosaic';
export { cameraProfile, cameraResponse, type CameraSensitivities } from './cameraResponse';
export { checkRegion, demosaicMalvar, type Region } from './demosaic';
export { demosaicDirected } from './demosaicDirected';
export { exposeLive, type LightStripes } from './exposeLive';
export { exposeMosaic, type MosaicExposure, poissonCount } from './exposeMosaic';
export { createLightPlane, depthExtremes, type LightPlane, rowsOf } from './lightPlane';
export {
  hash32,
  NORMAL_MASK,
  normalTable,
  POISSON_LIMIT_E,
  rowStream,
  SMALL_NORMAL_BITS,
  SMALL_NORMAL_TABLE,
  xorshift32,
} from './noise';
export { GATHERED_SCALE, RawGatherer } from './rawGatherer';
export { SALTPAN_SENSITIVITIES } from './sensitivities';
export {
  analogueGain,
  CFA_RGGB,
  electronsPerLuminance,
  isExtendedIso,
  MID_GREY_SHARE,
  midGreyShare,
  noiseFloorShare,
  photositeResponse,
  type PhotositeResponse,
  saturationExposureAtBase,
  type SensorModel,
  shareOfSnr,
  signalToNoise,
} from './sensorModel';
export { floorOfNoise, type NoiseProfile, UNKNOWN_NOISE } from './noiseProfile';
