export * from './classes';
export * from './dose';
export * from './schools';
export * from './sources';
