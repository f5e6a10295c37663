/** The plan as one piece, loaded when it is first shown. */
export { Making } from './Making';
export { PlanPage } from './PlanPage';
export { PlannedRides } from './PlannedRides';
export { Reminders } from './Reminders';
