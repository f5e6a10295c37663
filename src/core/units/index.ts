export * from './convert';
export * from './format';
export * from './addUp';
