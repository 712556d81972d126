export { TranslationAligner } from './alignTranslation';
export { FrameStack, type StackedFrame } from './frameStack';
export { measureNoise, type StackNoise } from './measureNoise';
export type { NoiseModel } from './noiseCurve';
export { greenPlane, halved, type Plane, pyramid } from './pyramid';
export { NO_SHIFT, type Shift } from './shift';
