export * from './dose';
export * from './form';
export * from './garage';
export * from './number';
export * from './product';
export * from './ride';
