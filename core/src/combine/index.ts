export { alignPlanes, tonePlane } from './alignPlanes';
export { TranslationAligner } from './alignTranslation';
export { FrameStack, type StackedFrame } from './frameStack';
export { measureNoise, type StackNoise } from './measureNoise';
export { greenPlane, halved, type Plane, pyramid } from './pyramid';
export { NO_SHIFT, type Shift } from './shift';
