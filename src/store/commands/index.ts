export * from './garage';
export * from './history';
export * from './perform';
export * from './whole';
