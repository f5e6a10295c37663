import { lazy, Suspense, type ComponentProps } from 'react';

const StartPart = lazy(() => import('.').then((m) => ({ default: m.BenchStart })));
const SessionPart = lazy(() => import('.').then((m) => ({ default: m.BenchSession })));

/** The bench before starting, loaded when shown. */
export const BenchStart = (props: ComponentProps<typeof StartPart>) => (
  <Suspense fallback={null}>
    <StartPart {...props} />
  </Suspense>
);

/** The session at the bench, loaded when shown. */
export const BenchSession = (props: ComponentProps<typeof SessionPart>) => (
  <Suspense fallback={null}>
    <SessionPart {...props} />
  </Suspense>
);
