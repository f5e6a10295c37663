export * from './presets';
export * from './schema';
