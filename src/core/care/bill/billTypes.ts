import type { CleanMethod } from '../../logbook';
import type { LubeClass } from '../../lube';

/** What a line of the bill speaks of; `words` in the interface turn it into a label. */
export type BillItem =
  | { kind: 'coat'; lube: LubeClass; at: number }
  | { kind: 'distance'; km: number; lifeKm: number }
  | { kind: 'water'; mm: number; washPerMm: number }
  | { kind: 'standing'; days: number; perWeek: number }
  | { kind: 'early start' }
  | { kind: 'wiping' }
  | { kind: 'heard'; sound: string }
  | { kind: 'start' }
  | { kind: 'road'; km: number; perKm: number }
  | { kind: 'cogs' }
  | { kind: 'work'; method: CleanMethod }
  | { kind: 'rag' }
  | { kind: 'inwards'; km: number; migration: number }
  | { kind: 'clean wear'; km: number }
  | { kind: 'grit wear' }
  | { kind: 'measured' }
  | { kind: 'watts'; of: 'outside' | 'inside' | 'dry' | 'wear' };

export interface BillLine {
  item: BillItem;
  /** Signed, in the section's measure. */
  amount: number;
}

export type SectionName = 'film' | 'outside' | 'inside' | 'wear' | 'watts';

export interface BillSection {
  name: SectionName;
  unit: 'share' | '%' | 'W';
  lines: BillLine[];
  total: number;
  limit: number | null;
  /** Source and spread of the figures used. */
  sources: { what: string; figure: string; source: string; spread: string }[];
}
