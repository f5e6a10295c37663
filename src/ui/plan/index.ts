/** The plan as one piece, loaded when it is first shown. */
export { PlanPage } from './PlanPage';
export { PlannedRides } from './PlannedRides';
export { Reminders } from './Reminders';
