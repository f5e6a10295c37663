export { plannedOf } from './ask';
export { coatsSince } from './coats';
export { designsOf, type Design } from './designs';
export { trialReport, type CoatPoint, type TrialReport } from './report';
export { benchTrialOf, isSound, settingsWith } from './setup';
export { standingOn, type Standing } from './standing';
export { WAY_ANSWERS } from './ways';
export type { TrialCoat } from './judged';
