export * from './candidates';
export * from './schema';
export * from './stock';
export * from './use';
