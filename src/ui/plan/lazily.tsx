import { lazy, Suspense, type ComponentProps } from 'react';

const PagePart = lazy(() => import('.').then((m) => ({ default: m.PlanPage })));

/** The plan, loaded when shown: what several routes import outright lands in the first script. */
export const PlanPage = (props: ComponentProps<typeof PagePart>) => (
  <Suspense fallback={null}>
    <PagePart {...props} />
  </Suspense>
);
