export * from './chunks';
export * from './events';
export * from './resolve';
