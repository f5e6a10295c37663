export * from './foresee';
export * from './question';
export * from './tools';
export * from './outlook';
export * from './story';
export * from './rotation';
export * from './service';
