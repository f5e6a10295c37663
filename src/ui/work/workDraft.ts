import { METHODS, type WorkSpec } from '@/core/care/model/work';
import { readMoment, type FormResult } from '@/core/entry/form';
import type { CleanMethod, Drying } from '@/core/records/kinds';
import type { WorkDone } from '@/core/records/event';
import type { LubeClass } from '@/core/lube/classes';
import type { Schools } from '@/core/lube/schools';
import { bottlesOf, cleanersFor, coatsTaken, undercoatOf, usedOn } from '@/core/shelf/use';
import type { Product } from '@/core/records/product';

export interface WorkDraft {
  chainId: string;
  method: CleanMethod;
  cogsCleaned: boolean;
  bathCount: number;
  bathMl: number;
  drying: Drying;
  lubeClass: LubeClass | null;
  wiped: boolean;
  /** Share of a coat that went on. */
  coat: number;
  /** Which bottle and which cleaner off the shelf; null: the usual one there, `NOT_FROM_SHELF`: none. */
  bottleId: string | null;
  cleanerId: string | null;
  settled: boolean;
  /** How its coat was put on for a trial; null: nobody said, or of none. */
  trial: NonNullable<WorkDone['trial']> | null;
  at: string | null;
  note: string;
}

export interface WorkEntry extends WorkSpec {
  chainId: string;
  used: WorkDone['used'];
  trial?: WorkDone['trial'];
  at: string;
  note: string;
}

/** Depths as the form offers them, with the methods of each; the first is the usual one. */
export const DEPTHS: Record<string, readonly CleanMethod[]> = {
  'Wipe-down': ['solvent wipe', 'dry wipe', 'degreaser wipe'],
  'Top-up': ['solvent wipe', 'dry wipe', 'degreaser wipe', 'flush and wipe', 'none'],
  Clean: ['scrubber', 'brush', 'baths', 'soak', 'wax reset', 'strip'],
};

export const depthOf = (draft: WorkDraft): string =>
  METHODS[draft.method].deep ? 'Clean' : draft.lubeClass ? 'Top-up' : 'Wipe-down';

export const specOf = (draft: WorkDraft): WorkSpec => ({
  method: draft.method,
  cogsCleaned: draft.cogsCleaned,
  baths: { count: draft.bathCount, ml: draft.bathMl },
  drying: draft.drying,
  lube: draft.lubeClass
    ? { lubeClass: draft.lubeClass, coat: draft.coat, wiped: draft.wiped }
    : null,
});

/** The usual choices, and the one a calculator handed over. */
export const withOwn = (usual: readonly number[], own: number): number[] =>
  [...new Set([...usual, own])].sort((a, b) => a - b);

export const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** What changes in a draft with its depth: the usual method of it, and what goes with that. */
export const ofDepth = (depth: string, lube: LubeClass): Partial<WorkDraft> => ({
  method: DEPTHS[depth]?.[0] ?? 'none',
  lubeClass: depth === 'Wipe-down' ? null : lube,
  coat: 1,
  cogsCleaned: depth === 'Clean',
  drying: depth === 'Clean' ? 'towel and air' : 'towel',
});

export const NOT_FROM_SHELF = '';

/** The product picked of a list: the first until the rider picks, none when they say so. */
function pickOf(list: readonly Product[], id: string | null): Product | null {
  if (id === NOT_FROM_SHELF) return null;
  return list.find((p) => p.id === id) ?? list[0] ?? null;
}

/** What a work's goods are taken from. */
export interface Shelf {
  products: Readonly<Record<string, Product>>;
  coatMl: (chainId: string, lube: LubeClass) => number;
  schools: Schools;
}

/** What the shelf has for a piece of work, what of it was picked, and what the work takes. */
export function fromShelf(draft: WorkDraft, { products, coatMl, schools }: Shelf) {
  const bottles = bottlesOf(products, draft.lubeClass);
  const cleaners = cleanersFor(products, draft.method, schools.degreaser);
  const bottle = pickOf(bottles, draft.bottleId);
  const cleaner = pickOf(cleaners, draft.cleanerId);
  const under = undercoatOf(products, draft.lubeClass, schools.products);
  const coats = coatsTaken(draft.method);
  const used = usedOn({
    method: draft.method,
    baths: draft.method === 'baths' ? { count: draft.bathCount, ml: draft.bathMl } : null,
    coat: [bottle, bottle && under].flatMap((from) =>
      from?.lubeClass
        ? [{ bottle: from, ml: coatMl(draft.chainId, from.lubeClass) * draft.coat * coats }]
        : [],
    ),
    cleaner,
    settled: draft.settled,
  });
  return { bottles, bottle, cleaners, cleaner, used };
}

/** Reads the form of work done at a moment that is not in the future. */
export function readWork(draft: WorkDraft, now: number, shelf: Shelf): FormResult<WorkEntry, 'at'> {
  const at = readMoment(draft.at, now);
  if (!at.ok) return { ok: false, problems: { at: at.problem } };
  const { chainId, note, trial, lubeClass } = draft;
  const { used } = fromShelf(draft, shelf);
  const ofTrial = trial && lubeClass ? { trial } : {};
  return {
    ok: true,
    value: { ...specOf(draft), chainId, used, ...ofTrial, at: at.value, note: note.trim() },
  };
}
