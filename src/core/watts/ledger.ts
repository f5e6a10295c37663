import { CARE } from '../care/model/constants';
import { dryness, type ChainState } from '../care/model/state';
import type { OpenFault } from '../care/replay/faults';
import { LUBE_CLASSES } from '../lube/classes';
import { WATTS } from './constants';

/** What takes power, each against a clean, straight, well lubed new chain. */
export const WATT_ITEMS = [
  'outside',
  'inside',
  'dryness',
  'wear',
  'lube',
  'crossing',
  'length',
  'quality',
] as const;
export type WattItem = (typeof WATT_ITEMS)[number];

/** W at the rider's power; null: nobody can say without measuring. */
export type WattLedger = Record<WattItem, number | null>;

/** What an item usually comes to at 250 W, from least to most. Common practice, from memory; the last two own estimates. */
export const USUAL_W: Record<WattItem, readonly [number, number]> = {
  outside: [0, 10],
  inside: [0, 4],
  dryness: [0, 5],
  wear: [0, 3],
  lube: [0, 5],
  crossing: [0, 3],
  length: [0, 2],
  quality: [0, 3],
};

/** The power the model's figures are for, W. */
const MODEL_W = 250;

/** Losses go with the pull on the chain, and that with power. */
export const atPower = (wattsAt250: number, power: number): number =>
  (wattsAt250 * power) / MODEL_W;

/** What of a state the ledger looks at. */
export type LossState = Pick<ChainState, 'outside' | 'inside' | 'film' | 'wear' | 'lube'>;

/** The causes of a loss, of a moment or on the average of many: shares, % of wear, W at 250 W of the lube. */
export interface Causes {
  outside: number;
  inside: number;
  dryness: number;
  wear: number;
  friction: number;
}

const frictionOf = (lube: LossState['lube']): number =>
  lube === null ? 0 : LUBE_CLASSES[lube].frictionW;

/** Adds what a state loses by to a sum, in place, with a weight: thousands of rides are added up so. */
export function addCauses(sum: Causes, state: LossState, weight: number): void {
  sum.outside += state.outside * weight;
  sum.inside += state.inside * weight;
  sum.dryness += dryness(state.film) * weight;
  sum.wear += Math.max(0, state.wear) * weight;
  sum.friction += frictionOf(state.lube) * weight;
}

export const NO_CAUSES: Causes = { outside: 0, inside: 0, dryness: 0, wear: 0, friction: 0 };

/** What there is beside the state of the chain. `crossing`: W at 250 W, see `gears.ts`; null: not known. */
export interface Beside {
  crossing: number | null;
  faults: readonly OpenFault[];
  power: number;
}

const WRONG_LENGTH: ReadonlySet<string> = new Set(['chain too long', 'chain too short']);

/**
 * What causes take at a power, item by item. Length counts where a fault says that it is wrong; the quality of a chain
 * nobody can tell by looking.
 */
export function ledgerOf(causes: Causes, { crossing, faults, power }: Beside): WattLedger {
  const at = (watts: number) => atPower(watts, power);
  const wrong = faults.some((f) => !f.putRight && WRONG_LENGTH.has(f.found.cause));
  return {
    outside: at(CARE.wattsOutside.value * causes.outside),
    inside: at(CARE.wattsInside.value * causes.inside),
    dryness: at(CARE.wattsDry.value * causes.dryness),
    wear: at(CARE.wattsWear.value * causes.wear),
    lube: at(causes.friction),
    crossing: crossing === null ? null : at(crossing),
    length: wrong ? at(WATTS.wrongLengthW.value) : 0,
    quality: null,
  };
}

/** What a chain in this state takes. */
export function wattLedger(state: LossState, beside: Beside): WattLedger {
  const causes = { ...NO_CAUSES };
  addCauses(causes, state, 1);
  return ledgerOf(causes, beside);
}

/** All that is known of a ledger, W. */
export const allWatts = (ledger: WattLedger): number =>
  WATT_ITEMS.reduce((sum, item) => sum + (ledger[item] ?? 0), 0);

/** Share of the power that reaches the wheel. */
export const efficiency = (ledger: WattLedger, power: number): number =>
  1 - WATTS.bareDrivetrain.value - allWatts(ledger) / power;
