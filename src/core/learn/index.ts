export * from './belief';
export * from './own';
