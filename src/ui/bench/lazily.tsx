import { lazy, Suspense, type ComponentProps } from 'react';

const StartPart = lazy(() => import('.').then((m) => ({ default: m.BenchStart })));
const CautionPart = lazy(() => import('.').then((m) => ({ default: m.CautionCard })));
const WorkCautionsPart = lazy(() => import('.').then((m) => ({ default: m.WorkCautions })));
const NewChainPart = lazy(() => import('.').then((m) => ({ default: m.NewChainStart })));
const SessionPart = lazy(() => import('.').then((m) => ({ default: m.BenchSession })));

/** The bench before starting, loaded when shown. */
export const BenchStart = (props: ComponentProps<typeof StartPart>) => (
  <Suspense fallback={null}>
    <StartPart {...props} />
  </Suspense>
);

/** A new chain before it is fitted at the bench, loaded when shown. */
export const NewChainStart = (props: ComponentProps<typeof NewChainPart>) => (
  <Suspense fallback={null}>
    <NewChainPart {...props} />
  </Suspense>
);

/** The session at the bench, loaded when shown. */
export const BenchSession = (props: ComponentProps<typeof SessionPart>) => (
  <Suspense fallback={null}>
    <SessionPart {...props} />
  </Suspense>
);

/** What may hurt, loaded when shown. */
export const CautionCard = (props: ComponentProps<typeof CautionPart>) => (
  <Suspense fallback={null}>
    <CautionPart {...props} />
  </Suspense>
);

/** What may hurt in a piece of work, loaded when shown. */
export const WorkCautions = (props: ComponentProps<typeof WorkCautionsPart>) => (
  <Suspense fallback={null}>
    <WorkCautionsPart {...props} />
  </Suspense>
);
