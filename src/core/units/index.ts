export * from './convert';
export * from './format';
