export { Tape } from './Tape';
export * from './tapeGeometry';
