import { lazilyFrom } from '../lazily';

/** The router loads the layout of every place with the first page: what a layout shows is loaded when shown. */
export const ProductList = lazilyFrom(() => import('./ProductList'))('ProductList');
