export * from './cells';
export * from './drying';
export * from './hours';
export * from './record';
export * from './road';
