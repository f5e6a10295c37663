export * from './dates';
export * from './zones';
