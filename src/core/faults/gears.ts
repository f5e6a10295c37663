import type { Cause } from '../records/faults';
import { CAUSE_FACTS } from './causes/causes';
import { beatsOf, turnsToTell, type CountedGear } from './rhythm';

/** What is to be counted: turns enough for the likeliest causes, or another gear, where two of them beat alike in this one. */
export type CountAsked = { turns: number } | { alike: true; better: number | null };

/** Things that beat where these are the causes, by their rates in a gear. */
function ratesOf(gear: CountedGear, causes: readonly Cause[]): number[] {
  const rates = beatsOf(gear);
  const beats = new Set(causes.flatMap((cause) => CAUSE_FACTS[cause].beats ?? []));
  return [...beats].flatMap((beat) => rates.get(beat) ?? []);
}

/** Turns by which every two of the rates are told apart; null: two are alike. */
function turnsFor(rates: readonly number[]): number | null {
  let most = 0;
  for (const [n, a] of rates.entries())
    for (const b of rates.slice(n + 1)) {
      const turns = turnsToTell(a, b);
      if (turns === null) return null;
      most = Math.max(most, turns);
    }
  return most || FEW;
}
const FEW = 10;

/** How far to count in a gear to tell causes apart, or which cog is better for it. */
export function countAsked(
  gear: CountedGear,
  between: readonly Cause[],
  cogs: readonly number[],
): CountAsked {
  const turns = turnsFor(ratesOf(gear, between));
  if (turns !== null) return { turns };
  const others = cogs
    .filter((cog) => cog !== gear.cog)
    .flatMap((cog) => {
      const own = turnsFor(ratesOf({ ...gear, cog }, between));
      return own === null ? [] : [{ cog, own }];
    })
    .sort((a, b) => a.own - b.own);
  return { alike: true, better: others[0]?.cog ?? null };
}
