export * from './classes';
