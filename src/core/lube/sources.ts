import type { LubeTraits } from './classes';

/** Where the figures of a table come from, and the least and most they may be, times what the table says. */
export interface TableSource {
  source: string;
  spread: readonly [least: number, most: number];
}

/** The traits that bear on a chain's care, as far as they are known. Lives differ between riders too: see `lifeSigma`. */
export const LUBE_SOURCES = {
  lifeKm: { source: 'common practice', spread: [0.7, 1.4] },
  washPerMm: { source: 'fitted to common practice', spread: [0.5, 2] },
  stickiness: { source: 'fitted to common practice', spread: [0.7, 1.4] },
  migration: { source: 'fitted to common practice', spread: [0.6, 1.5] },
  idlePerWeek: { source: 'own estimate', spread: [0.5, 2] },
  setHours: { source: 'common practice; a label wins', spread: [0.5, 2] },
  frictionW: { source: 'own estimate within 4 to 5 W of common practice', spread: [0.5, 1.5] },
} as const satisfies Partial<Record<keyof LubeTraits, TableSource>>;
