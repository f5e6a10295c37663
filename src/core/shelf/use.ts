import type { CleanMethod } from '../records/kinds';
import type { WorkDone } from '../records/event';
import type { LubeClass } from '../lube/classes';
import type { Schools } from '../lube/schools';
import type { Product } from '../records/product';
import { bathUseMl } from './stock';

/** Mixed degreaser for a round with brush or scrubber, and solvent for a rag, ml. Own estimates. */
const ROUND_ML = 60;
const SOAK_ML = 150;
const RAG_ML = 10;

const WITH_DEGREASER: readonly CleanMethod[] = [
  'degreaser wipe',
  'brush',
  'scrubber',
  'baths',
  'soak',
  'strip',
];
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

/**
 * Cleaning products on the shelf for a method, by the rider's school: what its label allows on chains;
 * soap for the frame before that; or any degreaser.
 */
export function cleanersFor(
  products: Readonly<Record<string, Product>>,
  method: CleanMethod,
  school: Schools['degreaser'],
): Product[] {
  const kind = cleanerFor(method);
  if (kind === null) return [];
  const shelf = inUse(products);
  const allowed = shelf.filter((p) => p.kind === kind && (p.forChains || school === 'any'));
  const soaps = shelf.filter((p) => p.kind === 'cleaner');
  return kind === 'degreaser' && school === 'soap' ? [...soaps, ...allowed] : allowed;
}

/** The oil that goes under a dry top coat in the two-product school; null: none there or not wanted. */
export const undercoatOf = (
  products: Readonly<Record<string, Product>>,
  lube: LubeClass | null,
  school: Schools['products'],
): Product | null =>
  school === 'two' && lube === 'dry' ? (bottlesOf(products, 'light oil')[0] ?? null) : null;

/** How many coats a method takes of its bottle: a drenching is two coats' worth. Own estimate. */
export const coatsTaken = (method: CleanMethod): number => (method === 'flush and wipe' ? 2 : 1);

export interface Use {
  method: CleanMethod;
  /** Of the method `baths`. */
  baths: WorkDone['baths'] | null;
  /** The lube, and what goes under it: each with the ml of a coat. */
  coat: { bottle: Product; ml: number }[];
  cleaner: Product | null;
  /** The degreaser of the baths is settled and used again. */
  settled: boolean;
}

/** What a job takes off the shelf. */
export function usedOn({ method, baths, coat, cleaner, settled }: Use): WorkDone['used'] {
  const used = coat.map(({ bottle, ml }) => ({ productId: bottle.id, amount: ml }));
  if (cleaner) {
    const off = method === 'baths' || method === 'soak' || method === 'strip';
    const amount =
      cleaner.kind === 'solvent'
        ? RAG_ML
        : off
          ? bathUseMl(baths?.count ?? 2, baths?.ml ?? SOAK_ML, cleaner.dilution, settled)
          : bathUseMl(1, ROUND_ML, cleaner.dilution, false);
    used.push({ productId: cleaner.id, amount });
  }
  return used.map((u) => ({ ...u, amount: Math.round(u.amount * 100) / 100 }));
}
