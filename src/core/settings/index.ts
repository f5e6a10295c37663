export * from './defaults';
export * from './planDefaults';
export * from './regional';
export { THEMES, WEATHER_SOURCES, type ThemeChoice } from '../records/kinds';
export type * from '../records/settings';
