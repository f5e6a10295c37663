import type { LubeClass } from './classes';
import type { Schools } from './schools';

/** A stream for a lap or two uses this many times a drop per roller; most of it is wiped off. Own estimate. */
const STREAM = 2.5;
/** Oils make smaller drops than water's 20 a ml; until the rider has counted. Own estimate, 20 to 40. */
export const USUAL_DROPS_PER_ML = 25;
const THICK: readonly LubeClass[] = ['heavy wet'];

/** Sides a coat goes on from: both for e-bikes and thick oil, where a rider lets it be decided. */
export function sidesOf(school: Schools['sides'], ebike: boolean, lube: LubeClass): 1 | 2 {
  if (school === 'one') return 1;
  return school === 'both' || ebike || THICK.includes(lube) ? 2 : 1;
}

export interface Dose {
  /** Drops of a coat; of a stream, as many as its millilitres hold. */
  drops: number;
  ml: number;
}

/** A coat: a drop per roller and side, `links × sides`, or a stream of two and a half times that. */
export function doseOf(
  links: number,
  sides: 1 | 2,
  dropsPerMl: number,
  amount: Schools['amount'],
): Dose {
  const drops = links * sides * (amount === 'stream' ? STREAM : 1);
  return { drops, ml: drops / dropsPerMl };
}

/** A chain with the bike it is on, and how its rider lubes. */
export interface Lubing {
  links: number;
  ebike: boolean;
  dropsPerMl: number;
  schools: Pick<Schools, 'sides' | 'amount'>;
}

/** A coat of a class on one chain, as its rider puts it on. */
export function coatDose({ links, ebike, dropsPerMl, schools }: Lubing, lube: LubeClass): Dose {
  return doseOf(links, sidesOf(schools.sides, ebike, lube), dropsPerMl, schools.amount);
}

/** Links of a chain nobody counted: the usual length of a racing chain before it is cut. Common practice. */
export const USUAL_LINKS = 114;

/** Whole coats in so many millilitres. */
export const coatsIn = (ml: number, dose: Dose): number => Math.floor(ml / dose.ml + 1e-9);

/** Parts of a mix: `water` parts of water to one of product, so that together they make `ml`. */
export function mixOf(water: number, ml: number): { productMl: number; waterMl: number } {
  const productMl = ml / (1 + water);
  return { productMl, waterMl: ml - productMl };
}

/** Wax a chain takes up in the pot, g. Own estimate, 4 to 8. */
export const WAX_PER_CHAIN_G = 5;
/** Of the wax in a pot this share must stay, so that chains are covered. Own estimate. */
const POT_KEEPS = 0.5;

/** Chains a pot of wax serves before it must be topped up. */
export const chainsInPot = (waxG: number): number =>
  Math.floor((waxG * (1 - POT_KEEPS)) / WAX_PER_CHAIN_G);
