import { lazy, Suspense, type ComponentProps } from 'react';

const PagePart = lazy(() => import('.').then((m) => ({ default: m.PlanPage })));
const MakingPart = lazy(() => import('.').then((m) => ({ default: m.Making })));
const RidesPart = lazy(() => import('.').then((m) => ({ default: m.PlannedRides })));
const RemindersPart = lazy(() => import('.').then((m) => ({ default: m.Reminders })));

/** The plan, loaded when shown. */
export const PlanPage = (props: ComponentProps<typeof PagePart>) => (
  <Suspense fallback={null}>
    <PagePart {...props} />
  </Suspense>
);

/** How far a new plan is, loaded with the plan. */
export const Making = (props: ComponentProps<typeof MakingPart>) => (
  <Suspense fallback={null}>
    <MakingPart {...props} />
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
