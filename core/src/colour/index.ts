export { bradfordAdaptation } from './adaptation';
export { AUTO_WHITE, shadesOfGrey } from './autoWhite';
export {
  asShotNeutral,
  balancedCameraToSrgb,
  type Calibration,
  CALIBRATION_A,
  CALIBRATION_D65,
  calibrationKelvin,
  type CameraProfile,
  profileAt,
  whiteFromNeutral,
} from './cameraProfile';
export { type Chromaticity, chromaticityFromXyz, xyzFromChromaticity } from './chromaticity';
export {
  cctMcCamy,
  chromaticityFromUv,
  correlatedTemperature,
  type CorrelatedTemperature,
  planckUv,
  type Uv,
  uvFromChromaticity,
} from './correlatedTemperature';
export { daylightSpectrum } from './daylight';
export {
  baselineExposureFor,
  createDeveloper,
  deepTone,
  developDeep,
  type Developer,
  developRgb,
  type DevelopSettings,
  luminanceRow,
} from './develop/develop';
export { DevelopingTable } from './develop/developingTable';
export { iccProfile } from './iccProfile';
export { CIE_A, CIE_D50, CIE_D55, CIE_D65, CIE_D75, daylightChromaticity } from './illuminants';
export { labOfLinearSrgb } from './lab';
export { NAMED_LIGHTS, namedLight, type NamedLight, nominalKelvin, tintWords } from './lightNames';
export {
  type LightSource,
  SOURCE_A,
  SOURCE_D50,
  SOURCE_D55,
  SOURCE_D65,
  sourceChromaticity,
  sourceSpectrum,
} from './lightSource';
export { diagonal, invert, type Mat3, multiplyMat, multiplyVec, type Vec3 } from './mat3';
export { type NeutralReading, type NeutralSample, readNeutral } from './neutralReading';
export {
  FIRST_NM,
  integrateXyz,
  type Spectrum,
  SPECTRUM_SAMPLES,
  spectrumOf,
  STEP_NM,
} from './observer';
export { OUTPUT_SPACES, type OutputSpace, spaceToXyz, SRGB_TO_P3 } from './develop/outputSpace';
export { planckChromaticity, planckSpectrum } from './planck';
export { renderingCurve } from './develop/renderingCurve';
export { BT709_LUMA, decodeSrgb, encodeSrgb, SRGB_TO_XYZ, XYZ_TO_SRGB } from './srgb';
export {
  mired,
  uvDistance,
  WHITE_KELVIN,
  WHITE_TINT,
  whiteChromaticity,
  type WhitePoint,
  whitePointOf,
} from './whitePoint';
