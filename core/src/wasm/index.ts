export { hasVectors } from './hasVectors';
export { KeptRoutines, padded, PORTION } from './keptRoutines';
export { createRoutines, type Routines } from './wasmModule';
