export * from './constants';
export * from './gears';
export * from './ledger';
export * from './minutes';
export * from './months';
export * from './winBack';
