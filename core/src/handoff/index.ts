export * from './handoffError';
export * from './handoffLine';
export * from './protocol';
export * from './sendFile';
