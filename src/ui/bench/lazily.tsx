import { lazy, Suspense, type ComponentProps } from 'react';

const StartPart = lazy(() => import('.').then((m) => ({ default: m.BenchStart })));
const CautionPart = lazy(() => import('.').then((m) => ({ default: m.CautionCard })));
const FormPart = lazy(() => import('.').then((m) => ({ default: m.WorkForm })));
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

/** What may hurt, loaded when shown. */
export const CautionCard = (props: ComponentProps<typeof CautionPart>) => (
  <Suspense fallback={null}>
    <CautionPart {...props} />
  </Suspense>
);

/** The form of work done, loaded when shown. */
export const WorkForm = (props: ComponentProps<typeof FormPart>) => (
  <Suspense fallback={null}>
    <FormPart {...props} />
  </Suspense>
);
