import { lazy, Suspense, type ComponentProps } from 'react';

/**
 * Parts that several chapters of the shelf show and the first screen does not: loaded when shown, for
 * what two chapters import outright lands in the script everybody waits for.
 */
const LearntPart = lazy(() => import('./Learnt').then((m) => ({ default: m.Learnt })));
const SchoolsPart = lazy(() => import('./SchoolsCard').then((m) => ({ default: m.SchoolsCard })));

/** What was learnt of a lube on every bike it has been on. */
export const Learnt = (props: ComponentProps<typeof LearntPart>) => (
  <Suspense fallback={null}>
    <LearntPart {...props} />
  </Suspense>
);

const HandbookPart = lazy(() =>
  import('./HandbookList').then((m) => ({ default: m.HandbookList })),
);

/** The handbook, in one piece: parts that come one by one would push each other down. */
export const HandbookList = (props: ComponentProps<typeof HandbookPart>) => (
  <Suspense fallback={null}>
    <HandbookPart {...props} />
  </Suspense>
);

/** Where practitioners disagree: the rider's own school, each with its reason. */
export const SchoolsCard = (props: ComponentProps<typeof SchoolsPart>) => (
  <Suspense fallback={null}>
    <SchoolsPart {...props} />
  </Suspense>
);
