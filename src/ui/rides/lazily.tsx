import { lazilyFrom } from '../lazily';

/** Loads it. */
export const load = () => import('./RidesPlace');

/** The router loads the layout of every place with the first page: what a layout shows is loaded when shown. */
export const RidesPlace = lazilyFrom(load)('RidesPlace');
