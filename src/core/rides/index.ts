export * from './bulk';
export * from './entries';
export * from './filter';
export * from './onePage';
export * from './weeks';
export * from './year';
