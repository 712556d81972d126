export * from './guidedSteps';
export * from './recoverResponse';
export * from './seriesPoints';
export * from './videoResponse';
