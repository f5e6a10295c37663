export * from './scenario';
