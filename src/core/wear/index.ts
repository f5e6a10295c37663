export * from './foresee';
export * from './question';
export * from './tools';
