export * from './arrivals';
export * from './garage';
export * from './history';
export * from './parts';
export * from './perform';
export * from './settings';
