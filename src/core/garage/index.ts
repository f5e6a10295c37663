export * from './empty';
export * from './presets';
export * from '../records/kinds';
export type * from '../records/garage';
export * from './trials';
