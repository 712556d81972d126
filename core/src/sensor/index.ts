export * from './binMosaic';
export * from './demosaic';
export * from './exposeLive';
export * from './exposeMosaic';
export * from './lightPlane';
export * from './noise';
export * from './sensorModel';
