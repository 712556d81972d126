export * from './simulatedBand';
export * from './simulatedDng';
export * from './simulatedPlan';
export * from './videoFrameDng';
