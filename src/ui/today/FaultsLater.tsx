import { lazy, Suspense } from 'react';
import type { FoundOnBikeProps } from '../faults/FoundOnBike';

const FoundOnBike = lazy(() => import('../faults/parts').then((m) => ({ default: m.FoundOnBike })));

/** Faults that were found and are not over, if any: seldom, and so not in the first script. */
export const FaultsLater = (props: FoundOnBikeProps) =>
  props.faults.some(({ putRight, ridden }) => !putRight || ridden) ? (
    <Suspense fallback={null}>
      <FoundOnBike {...props} />
    </Suspense>
  ) : null;
