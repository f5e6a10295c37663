import { lazy, Suspense, type ComponentProps } from 'react';

/** The router loads the layout of every place with the first page: what a layout shows is loaded when shown. */
const ProductsPart = lazy(() => import('./ProductList').then((m) => ({ default: m.ProductList })));

/** What stands on the shelf. */
export const ProductList = (props: ComponentProps<typeof ProductsPart>) => (
  <Suspense fallback={null}>
    <ProductsPart {...props} />
  </Suspense>
);
