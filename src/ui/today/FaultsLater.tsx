import { lazy, Suspense } from 'react';
import type { FaultsProps } from './Faults';

const Faults = lazy(() => import('./Faults'));

/** Faults that were found and are not over, if any: seldom, and so not in the first script. */
export const FaultsLater = (props: FaultsProps) =>
  props.faults.some(({ putRight, ridden }) => !putRight || ridden) ? (
    <Suspense fallback={null}>
      <Faults {...props} />
    </Suspense>
  ) : null;
