import type { CleanMethod, WorkDone } from '../logbook';
import type { LubeClass } from '../lube';
import type { Product } from './schema';
import { bathUseMl } from './stock';

/** Mixed degreaser for a round with brush or scrubber, and solvent for a rag, ml. Own estimates. */
const ROUND_ML = 60;
const RAG_ML = 10;

const WITH_DEGREASER: readonly CleanMethod[] = ['brush', 'scrubber', 'baths', 'soak', 'strip'];
const WITH_SOLVENT: readonly CleanMethod[] = ['solvent wipe'];

/** The kind of cleaning product a method takes; null: none. */
export const cleanerFor = (method: CleanMethod): 'degreaser' | 'solvent' | null =>
  WITH_DEGREASER.includes(method) ? 'degreaser' : WITH_SOLVENT.includes(method) ? 'solvent' : null;

const inUse = (products: Readonly<Record<string, Product>>): Product[] =>
  Object.values(products).filter((p) => !p.retired);

/** Bottles on the shelf that hold a class of lube. */
export const bottlesOf = (
  products: Readonly<Record<string, Product>>,
  lube: LubeClass | null,
): Product[] => inUse(products).filter((p) => lube !== null && p.lubeClass === lube);

/** Cleaning products on the shelf for a method whose label allows chains. */
export const cleanersFor = (
  products: Readonly<Record<string, Product>>,
  method: CleanMethod,
): Product[] => {
  const kind = cleanerFor(method);
  return inUse(products).filter((p) => p.kind === kind && p.forChains);
};

export interface Use {
  method: CleanMethod;
  baths: WorkDone['baths'];
  bottle: Product | null;
  coatMl: number;
  cleaner: Product | null;
  /** The degreaser of the baths is settled and used again. */
  settled: boolean;
}

/** What a job takes off the shelf. */
export function usedOn({ method, baths, bottle, coatMl, cleaner, settled }: Use): WorkDone['used'] {
  const used: WorkDone['used'] = [];
  if (bottle) used.push({ productId: bottle.id, amount: coatMl });
  if (cleaner) {
    const off = method === 'baths' || method === 'soak' || method === 'strip';
    const amount =
      cleaner.kind === 'solvent'
        ? RAG_ML
        : off
          ? bathUseMl(method === 'baths' ? baths.count : 2, baths.ml, cleaner.dilution, settled)
          : bathUseMl(1, ROUND_ML, cleaner.dilution, false);
    used.push({ productId: cleaner.id, amount });
  }
  return used.map((u) => ({ ...u, amount: Math.round(u.amount * 100) / 100 }));
}
