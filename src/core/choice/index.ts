export * from './ahead';
export * from './candidate';
export * from './interval';
export * from './profile';
export * from './rank';
export * from './rules';
export * from './season';
