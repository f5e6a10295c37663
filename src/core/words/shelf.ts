import type { Product } from '../records/product';
import type { ProductKind } from '../records/kinds';
import { formatNumber } from '../units/format';

export const KIND_LABEL: Record<ProductKind, string> = {
  lube: 'Lube',
  degreaser: 'Degreaser',
  solvent: 'Solvent',
  wax: 'Wax',
  cleaner: 'Cleaner for the frame',
  rags: 'Rags',
};

const UNIT: Record<ProductKind, string> = {
  lube: 'ml',
  degreaser: 'ml',
  solvent: 'ml',
  wax: 'g',
  cleaner: 'ml',
  rags: 'pieces',
};

export const unitOf = (kind: ProductKind): string => UNIT[kind];

/** "4.5 ml", "12 pieces". */
export const formatAmount = (amount: number, kind: ProductKind): string =>
  `${formatNumber(amount)} ${UNIT[kind]}`;

/** Money in the rider's own: no currency is asked, so none is shown; unknown is said. */
export const formatMoney = (amount: number | null): string =>
  amount === null ? 'unknown' : amount.toFixed(2);

export const kindText = ({ kind, lubeClass }: Product): string =>
  lubeClass ? `${lubeClass.charAt(0).toUpperCase()}${lubeClass.slice(1)}` : KIND_LABEL[kind];
