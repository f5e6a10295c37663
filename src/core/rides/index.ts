export * from './bulk';
export * from './entries';
export * from './filter';
export * from './weeks';
export * from './year';
