export * from './wasmModule';
