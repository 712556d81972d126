export * from './lenses';
