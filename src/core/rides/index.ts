export * from './filter';
export * from './weeks';
export * from './year';
