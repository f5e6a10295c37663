/** What pages, Today and the bench see of trials; planning one, which needs the years and the bench, is asked for by file. */
export { coatsSince } from './coats';
export type { Design } from './designs';
export { trialReport, type CoatPoint, type TrialReport } from './report';
export { benchTrialOf, isSound, settingsWith } from './setup';
export { standingOn, type Standing } from './standing';
export { WAY_ANSWERS } from './ways';
export type { TrialCoat } from './judged';
