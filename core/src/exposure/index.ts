export * from './apex';
export * from './clicks';
export * from './focalPlane';
export * from './lightHysteresis';
export * from './metering';
export * from './nominal';
export * from './solver';
export * from './thirds';
