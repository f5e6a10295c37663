import { lazy, Suspense, type ComponentProps } from 'react';

/** The router loads the layout of every place with the first page: what a layout shows is loaded when shown. */
const PlacePart = lazy(() => import('./RidesPlace').then((m) => ({ default: m.RidesPlace })));

/** All rides. */
export const RidesPlace = (props: ComponentProps<typeof PlacePart>) => (
  <Suspense fallback={null}>
    <PlacePart {...props} />
  </Suspense>
);
