export * from './climates';
export * from './forecast';
export * from './futures';
export * from './generator';
