import type { Chain } from '../records/garage';
import { coatsIn, doseOf, USUAL_LINKS } from '../lube/dose';
import type { PlainEvent } from '../records/event';
import type { Settings } from '../records/settings';
import { LOW_COATS, stockOf, type Stock } from './stock';
import type { Product } from '../records/product';

/** A product as the shelf shows it. */
export interface ShelfRow {
  product: Product;
  stock: Stock;
  /** Whole coats left on a chain of the garage's usual length; null of what is no lube. */
  coats: number | null;
  /** Running out: few coats, or a tenth of what it held. */
  low: boolean;
}

const LOW_SHARE = 0.1;

/** The shelf, in the order of names; what was taken off it is left out. */
export function shelfRows(
  products: Readonly<Record<string, Product>>,
  chains: readonly Chain[],
  settings: Pick<Settings, 'dropsPerMl' | 'schools'>,
  steps: readonly { event: PlainEvent }[],
): ShelfRow[] {
  const links = chains.find((c) => !c.retired)?.links ?? USUAL_LINKS;
  const dose = doseOf(links, 1, settings.dropsPerMl, settings.schools.amount);
  const events = steps.map((s) => s.event);
  return Object.values(products)
    .filter((p) => !p.retired)
    .sort((a, b) => a.name.localeCompare(b.name))
    .map((product) => {
      const stock = stockOf(product, events);
      const coats = product.kind === 'lube' ? Math.max(0, coatsIn(stock.left, dose)) : null;
      const low =
        coats === null
          ? product.size !== null && stock.left < product.size * LOW_SHARE
          : coats < LOW_COATS;
      return { product, stock, coats, low };
    });
}
