import { lazy, Suspense, type ComponentProps } from 'react';

const FormPart = lazy(() => import('./RideForm').then((m) => ({ default: m.RideForm })));

/** The form of a ride, loaded when shown: what several routes import outright lands in the first script. */
export const RideForm = (props: ComponentProps<typeof FormPart>) => (
  <Suspense fallback={null}>
    <FormPart {...props} />
  </Suspense>
);
