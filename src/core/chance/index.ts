export * from './chance';
