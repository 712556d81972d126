export * from './focusLink';
export * from './link';
export * from './migrate';
export * from './nudge';
export * from './schema';
export * from './settings';
