import { METHODS, type WorkSpec } from '@/core/care';
import type { CleanMethod, Drying, WorkDone } from '@/core/logbook';
import type { LubeClass } from '@/core/lube';

export interface WorkDraft {
  chainId: string;
  method: CleanMethod;
  cogsCleaned: boolean;
  bathCount: number;
  bathMl: number;
  drying: Drying;
  lubeClass: LubeClass | null;
  wiped: boolean;
  /** Which bottle and which cleaner off the shelf; null: the usual one there, '': none. */
  bottleId: string | null;
  cleanerId: string | null;
  settled: boolean;
  at: string | null;
  note: string;
}

export interface WorkEntry extends WorkSpec {
  chainId: string;
  used: WorkDone['used'];
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
  lube: draft.lubeClass ? { lubeClass: draft.lubeClass, coat: 1, wiped: draft.wiped } : null,
});

/** The usual choices, and the one a calculator handed over. */
export const withOwn = (usual: readonly number[], own: number): number[] =>
  [...new Set([...usual, own])].sort((a, b) => a - b);

export const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);
