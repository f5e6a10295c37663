import { lazy, Suspense } from 'react';
import type { LeftOpenProps } from './LeftOpen';

const LeftOpen = lazy(() => import('./LeftOpen'));

/** What the last work left open, if anything: seldom, and so not in the first script. */
export const LeftOpenLater = (props: LeftOpenProps) =>
  props.leftOpen.length > 0 ? (
    <Suspense fallback={null}>
      <LeftOpen {...props} />
    </Suspense>
  ) : null;
