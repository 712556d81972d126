export * from './alignTranslation';
export * from './frameStack';
export type * from './measureNoise';
export * from './pyramid';
export type * from './shift';
