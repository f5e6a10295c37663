export * from './weatherSource';
