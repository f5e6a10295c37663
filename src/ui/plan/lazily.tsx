import { lazilyFrom } from '../lazily';

/** Loads them. */
export const load = () => import('.');

/** A piece of the plan, loaded when shown. */
const lazily = lazilyFrom(load);

export const Making = lazily('Making');
export const PlannedRides = lazily('PlannedRides');
export const PlanPage = lazily('PlanPage');
export const Reminders = lazily('Reminders');
