import { lazy, Suspense, type ComponentProps } from 'react';

const Part = lazy(() => import('./NoisePage').then((m) => ({ default: m.NoisePage })));

/** Finding a noise, loaded when shown. */
export const NoisePage = (props: ComponentProps<typeof Part>) => (
  <Suspense fallback={null}>
    <Part {...props} />
  </Suspense>
);
