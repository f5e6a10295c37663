export * from './distance';
export * from './summary';
