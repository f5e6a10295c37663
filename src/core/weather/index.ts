export * from './cells';
export * from './drying';
export * from './evaporation';
export * from './hours';
export * from './record';
export * from './road';
export type { RoadHour } from './roadThrough';
export * from './sun';
