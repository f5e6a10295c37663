export * from './chunks';
export * from './events';
export * from './resolve';
export * from './fittings';
export * from './logbook';
export * from './versions';
export * from './weatherSeen';
