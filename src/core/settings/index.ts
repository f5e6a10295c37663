export * from './schema';
export * from './fields';
