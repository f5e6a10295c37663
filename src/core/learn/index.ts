export * from './belief';
