import type { WorkDone } from '@/core/logbook';
import type { Product } from '@/core/shelf';
import { Choice } from '../form';
import { formatAmount } from '../shelf/words';

/** The product chosen of a list: the first until the rider picks, none when they say so. */
export function pickOf(list: readonly Product[], id: string | null): Product | null {
  if (id === NONE) return null;
  return list.find((p) => p.id === id) ?? list[0] ?? null;
}

const NONE = '';

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
        { value: NONE, label: 'Not from the shelf' },
      ]}
      value={chosen?.id ?? NONE}
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
