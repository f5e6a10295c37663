import type { PlanSettings } from '../records/plan';

/** Evenings for a top-up or a brush, more on the weekend; prices of an everyday drivetrain. Own choice. */
export const DEFAULT_PLAN: PlanSettings = {
  minutes: [40, 40, 40, 40, 40, 90, 90],
  otherDays: {},
  benchTime: '18:00',
  days: 28,
  cap: 'none',
  routine: { name: 'weekly', weekday: 7 },
  hourPrice: 12,
  chainPrice: 30,
  cassettePrice: 20,
  wattPrice: 0.5,
  remind: true,
  notify: false,
  seenUntil: null,
  calendar: {},
};
