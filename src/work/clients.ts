/**
 * The workers' clients as one piece to load when the first worker is needed: what two pieces share would
 * be loaded with the first page.
 */
export { choose } from './choose';
export { plan, planRequest, readCalendarFile } from './plan';
export { readRideFiles } from './readRideFiles';
export { readWeather } from './readWeather';
