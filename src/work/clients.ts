/**
 * The workers' clients as one piece to load when the first worker is needed: what two pieces share would
 * be loaded with the first page.
 */
export { choose } from './choose';
export { dueSentence, overlapSentence, plan, planRequest } from './plan';
export { readCalendarFile } from './readCalendar';
export { readRideFiles } from './readRideFiles';
export { readWeather } from './readWeather';
