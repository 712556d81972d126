export * from './alignTranslation';
export * from './frameStack';
export type * from './measureNoise';
export type { NoiseModel } from './noiseCurve';
export * from './pyramid';
export type * from './shift';
