import type { WorkDone } from '@/core/records/event';
import type { Product } from '@/core/records/product';
import { Choice } from '../form/Choice';
import { formatAmount } from '@/core/words/shelf';
import { NOT_FROM_SHELF } from './workDraft';

interface FromShelfProps {
  label: string;
  list: readonly Product[];
  chosen: Product | null;
  onChange: (id: string) => void;
}

/** Which product of the shelf; nothing to ask where there is none. */
export function FromShelf({ label, list, chosen, onChange }: FromShelfProps) {
  if (list.length === 0) return null;
  return (
    <Choice
      label={label}
      options={[
        ...list.map((p) => ({ value: p.id, label: p.name })),
        { value: NOT_FROM_SHELF, label: 'Not from the shelf' },
      ]}
      value={chosen?.id ?? NOT_FROM_SHELF}
      onChange={onChange}
    />
  );
}

/** What came off the shelf, in words. */
export const usedText = (
  { productId, amount }: WorkDone['used'][number],
  products: Readonly<Record<string, Product>>,
): string => {
  const product = products[productId];
  return product ? `${formatAmount(amount, product.kind)} of ${product.name}` : '';
};
