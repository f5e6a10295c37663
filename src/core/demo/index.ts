export * from './diary';
export { ISLAND_GARAGE } from './island';
export * from './route';
export * from './scenario';
