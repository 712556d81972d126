export { hasVectors } from './hasVectors';
export { KeptRoutines, padded } from './keptRoutines';
export { createRoutines, type Routines } from './wasmModule';
