import type { CleanMethod } from '../../records/kinds';
import type { LubeClass } from '../../lube/classes';
import type { Spread } from '../../units/format';
import type { ConstantName } from '../model/constants';

/** What a line of the bill is about; `words/bill.ts` makes a label of it. */
export type BillItem =
  | { kind: 'coat'; lube: LubeClass; at: number }
  | { kind: 'distance'; km: number; lifeKm: number }
  | { kind: 'water'; mm: number; washPerMm: number }
  | { kind: 'standing'; days: number; perWeek: number }
  | { kind: 'early start' }
  | { kind: 'wiping' }
  | { kind: 'heard'; sound: string }
  | { kind: 'recorded' }
  | { kind: 'start' }
  | { kind: 'road'; km: number; perKm: number }
  | { kind: 'cogs' }
  | { kind: 'work'; method: CleanMethod }
  | { kind: 'rag'; photo: boolean }
  | { kind: 'inwards'; km: number; migration: number }
  | { kind: 'clean wear'; km: number }
  | { kind: 'hard wear' }
  | { kind: 'grit wear' }
  | { kind: 'measured' }
  | { kind: 'watts'; of: 'outside' | 'inside' | 'dry' | 'wear' };

export interface BillLine {
  item: BillItem;
  /** Signed, in the section's measure. */
  amount: number;
}

/** The constants of the model that sections name. */
export type BillConstant = Extract<
  ConstantName,
  | 'sprayMmPerH'
  | 'reserve'
  | 'outsideScaleKm'
  | 'swatchNoise'
  | 'insideScaleKm'
  | 'wearPerKm'
  | 'wearByGrit'
  | 'wearByDryness'
  | 'wearByWater'
  | 'wattsOutside'
  | 'wattsInside'
>;

/** A figure of the model that a section rests on. */
export type BillSource =
  | { kind: 'constant'; name: BillConstant }
  /** How long this coat lasts; `learnt`: from how many coats the rider listened to, and what they make of it. */
  | {
      kind: 'coat life';
      lube: LubeClass;
      km: Spread;
      learnt: { coats: number; factor: number } | null;
    }
  | { kind: 'wash-off'; perMm: number };

export type SectionName = 'film' | 'outside' | 'inside' | 'wear' | 'watts';

export interface BillSection {
  name: SectionName;
  unit: 'share' | '%' | 'W';
  lines: BillLine[];
  total: number;
  limit: number | null;
  /** The figures used, each with its source and spread. */
  sources: BillSource[];
}
