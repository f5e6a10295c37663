import type * as Validate from './validate';

export type Validation = typeof Validate;

/** Loads what validates. Nothing else may import it, or it would be loaded with the first page. */
export const loadValidation = (): Promise<Validation> => import('./validate');
