export { PRODUCT_KINDS, type ProductKind } from '../records/kinds';
export type * from '../records/product';
export * from './stock';
export * from './use';
