export * from './link';
export * from './nudge';
export * from './schema';
export * from './settings';
