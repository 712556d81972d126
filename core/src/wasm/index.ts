export { KeptRoutines, padded } from './keptRoutines';
export { createRoutines, type Routines } from './wasmModule';
