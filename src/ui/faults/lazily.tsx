import { lazy, Suspense, type ComponentProps } from 'react';

const Finding = lazy(() => import('./parts').then((m) => ({ default: m.NoisePage })));
const Handbook = lazy(() => import('./parts').then((m) => ({ default: m.NoiseHandbook })));

/** Finding a noise, loaded when shown. */
export const NoisePage = (props: ComponentProps<typeof Finding>) => (
  <Suspense fallback={null}>
    <Finding {...props} />
  </Suspense>
);

/** The handbook of noises, loaded when shown. */
export const NoiseHandbook = () => (
  <Suspense fallback={null}>
    <Handbook />
  </Suspense>
);
