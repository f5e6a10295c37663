import { lazy, Suspense, type ComponentProps } from 'react';

const PagePart = lazy(() => import('.').then((m) => ({ default: m.PlanPage })));
const RidesPart = lazy(() => import('.').then((m) => ({ default: m.PlannedRides })));
const RemindersPart = lazy(() => import('.').then((m) => ({ default: m.Reminders })));

/** The plan, loaded when shown. */
export const PlanPage = (props: ComponentProps<typeof PagePart>) => (
  <Suspense fallback={null}>
    <PagePart {...props} />
  </Suspense>
);

/** The planned rides, loaded when shown. */
export const PlannedRides = (props: ComponentProps<typeof RidesPart>) => (
  <Suspense fallback={null}>
    <RidesPart {...props} />
  </Suspense>
);

/** What fell due, loaded once there is a plan. */
export const Reminders = (props: ComponentProps<typeof RemindersPart>) => (
  <Suspense fallback={null}>
    <RemindersPart {...props} />
  </Suspense>
);
