export * from './history';
export * from './perform';
export * from './settings';
