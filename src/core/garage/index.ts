export * from './empty';
export * from './presets';
export * from './schema';
