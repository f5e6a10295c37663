export * from './dates';
export * from './numbers';
export * from './device';
