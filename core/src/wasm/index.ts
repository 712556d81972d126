export * from './keptRoutines';
export * from './wasmModule';
