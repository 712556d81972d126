export * from './adaptation';
export * from './chromaticity';
export * from './develop';
export * from './illuminants';
export * from './mat3';
export * from './renderingCurve';
export * from './srgb';
export * from './whiteBalance';
