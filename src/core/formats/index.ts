export * from './backup';
