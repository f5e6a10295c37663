export * from './due';
export * from './table';
