import { isWax, LUBE_CLASSES, type LubeClass } from '../../lube/classes';
import type { TableSource } from '../../lube/sources';
import type { CleanMethod, Drying } from '../../records/kinds';
import type { WorkDone } from '../../records/event';
import type { Product } from '../../records/product';
import { MS_PER_HOUR } from '../../units/convert';
import { dryingHours, settingHours, type Air } from '../../weather/drying';
import { CARE, OWN, PRACTICE, type Constant } from './constants';
import { copyState } from './copyState';
import { coatLifeKm, NO_SWATCHES, type ChainState } from './state';

/** The parts of a piece of work that change the chain. */
export type WorkSpec = Pick<WorkDone, 'method' | 'cogsCleaned' | 'baths' | 'drying' | 'lube'>;

interface Method {
  /** Share left of each by the work. `inside` of baths comes from the bath law. */
  outside: number;
  inside: number;
  cogs: number;
  film: number;
  /** Leaves the chain wet from rinsing. */
  rinsed: boolean;
  /** Reaches inside the rollers: counts as a clean. */
  deep: boolean;
}

/** Share left after each method. Fitted to common practice: see docs/model.md. */
export const METHODS: Record<CleanMethod, Method> = {
  none: { outside: 1, inside: 1, cogs: 1, film: 1, rinsed: false, deep: false },
  'dry wipe': { outside: 0.5, inside: 1, cogs: 1, film: 0.98, rinsed: false, deep: false },
  'solvent wipe': { outside: 0.25, inside: 0.99, cogs: 0.8, film: 0.9, rinsed: false, deep: false },
  // Own estimate: cleans a little more than solvent and upsets the lube.
  'degreaser wipe': {
    outside: 0.18,
    inside: 0.985,
    cogs: 0.7,
    film: 0.4,
    rinsed: true,
    deep: false,
  },
  'flush and wipe': { outside: 0.35, inside: 0.85, cogs: 0.9, film: 1, rinsed: false, deep: false },
  brush: { outside: 0.12, inside: 0.6, cogs: 0.4, film: 0, rinsed: true, deep: true },
  scrubber: { outside: 0.08, inside: 0.4, cogs: 0.8, film: 0, rinsed: true, deep: true },
  baths: { outside: 0.02, inside: 1, cogs: 1, film: 0, rinsed: true, deep: true },
  soak: { outside: 0.05, inside: 0.15, cogs: 1, film: 0, rinsed: true, deep: true },
  'wax reset': { outside: 0.02, inside: 0.05, cogs: 1, film: 0, rinsed: true, deep: true },
  strip: { outside: 0.02, inside: 0.03, cogs: 1, film: 0, rinsed: true, deep: true },
};

/** Where the shares of a column come from, and times what each may be off by. */
export const METHOD_SOURCES = {
  outside: { source: PRACTICE, spread: [0.6, 1.6] },
  inside: { source: OWN, spread: [0.7, 1.3] },
  cogs: { source: OWN, spread: [0.7, 1.3] },
  film: { source: OWN, spread: [0.9, 1.05] },
} as const satisfies Record<string, TableSource>;

/** With cassette and jockey wheels done in the same session. */
export const COGS_CLEANED_LEFT = 0.1;
export const SCRUBBER_WITH_COGS = { outside: 0.05, inside: 0.35 };

const DRYING_HOURS: Record<Drying, Constant> = {
  'left to drip': CARE.dripHours,
  towel: CARE.towelHours,
  'towel and air': CARE.airHours,
};

/**
 * Share of the dirt inside left after a number of baths of V ml: each bath loosens all but
 * `bathBound` of the bound dirt, and what was loosened is carried over as v / (v + V) by the v ml held
 * in the chain. Three baths of 150 ml: 0.31, 0.09, 0.03.
 */
export function bathShareLeft(count: number, ml: number): number {
  const carried = CARE.bathHeldMl.value / (CARE.bathHeldMl.value + ml);
  let bound = 1;
  let loose = 0;
  for (let bath = 0; bath < count; bath++) {
    loose = (loose + bound * (1 - CARE.bathBound.value)) * carried;
    bound *= CARE.bathBound.value;
  }
  return bound + loose;
}

/** Most baths worth the degreaser: beyond, what is left is what no bath loosens. */
export const MOST_BATHS = 6;

/** Fewest baths of `ml` that leave no more than `share` of the dirt inside; null where six do not. */
export function bathsNeeded(share: number, ml: number): number | null {
  for (let count = 1; count <= MOST_BATHS; count++)
    if (bathShareLeft(count, ml) <= share) return count;
  return null;
}

/** What a coat came from, as far as the shelf tells: what is null is its class's. */
export interface Coat {
  bottle: string | null;
  lifeKm: number | null;
  setHours: number | null;
}

export const OF_ITS_CLASS: Coat = { bottle: null, lifeKm: null, setHours: null };

/** Km a penetrating oil under a dry top coat adds to it: half of a light oil's life. Own estimate. */
export const UNDERCOAT_KM = LUBE_CLASSES['light oil'].lifeKm / 2;

/** The coat of a piece of work, by the bottles it took off the shelf. */
export function coatOf(
  products: Readonly<Record<string, Product>>,
  { lube, used }: Pick<WorkDone, 'lube' | 'used'>,
): Coat {
  if (!lube) return OF_ITS_CLASS;
  const bottles = used.flatMap(({ productId }) => products[productId] ?? []);
  const bottle = bottles.find((p) => p.lubeClass === lube.lubeClass);
  const under = lube.lubeClass === 'dry' && bottles.some((p) => p.lubeClass === 'light oil');
  const labelKm = bottle?.lifeKm ?? null;
  const lifeKm = under ? (labelKm ?? LUBE_CLASSES.dry.lifeKm) + UNDERCOAT_KM : labelKm;
  return { bottle: bottle?.id ?? null, lifeKm, setHours: bottle?.setHours ?? null };
}

/** What work is done with: `air` is where it dries and sets, `coat` what the lube came from if that is known. */
interface WorkedWith {
  air: Air;
  coat?: Coat;
}

/** A chain and the grit on its bike's cogs after work: see `workOn`. */
export function work(
  before: ChainState,
  cogsBefore: number,
  spec: WorkSpec,
  by: WorkedWith,
): { state: ChainState; cogs: number } {
  const state = copyState(before);
  return { state, cogs: workOn(state, cogsBefore, spec, by) };
}

/** Applies work to a chain, in place; returns the grit on its bike's cogs after it. */
export function workOn(
  state: ChainState,
  cogsBefore: number,
  spec: WorkSpec,
  { air, coat = OF_ITS_CLASS }: WorkedWith,
): number {
  const method = METHODS[spec.method];
  const withCogs = spec.method === 'scrubber' && spec.cogsCleaned ? SCRUBBER_WITH_COGS : method;
  const insideLeft =
    spec.method === 'baths' ? bathShareLeft(spec.baths.count, spec.baths.ml) : withCogs.inside;
  const film = state.film * method.film;
  state.lost += state.film - film;
  state.film = film;
  if (method.film === 0) {
    state.lube = null;
    state.bottle = null;
    state.lifeKm = 0;
  }
  state.outside *= withCogs.outside;
  if (withCogs.outside < 1) {
    state.outsideFrom = state.outside;
    state.gathered = 0;
    state.swatches = NO_SWATCHES;
  }
  state.inside *= insideLeft;
  if (method.rinsed) state.salted = false;
  const dripping = method.rinsed ? Infinity : state.wetLeftH;
  state.wetLeftH = Math.min(dripping, dryingHours(DRYING_HOURS[spec.drying].value, air));
  if (state.wetLeftH <= 0) state.wetHours = 0;
  state.rustSpell = 0;
  if (method.deep) {
    state.rust = 0;
    state.stiff = false;
    state.kmSinceClean = 0;
  }
  state.heard = null;
  if (spec.lube) lubeOn(state, spec.lube, air, coat);
  return cogsBefore * (spec.cogsCleaned ? COGS_CLEANED_LEFT : method.cogs);
}

/** Wax holds on wax and on bare steel; over oil, spent oil too, no more than half of it does. Own estimate, 0.3 to 0.7. */
const WAX_OVER_OIL = 0.5;

/** Share of a coat that holds on what is there. */
const shareHeld = (lube: LubeClass, { lube: old }: ChainState): number =>
  isWax(lube) && old !== null && !isWax(old) ? WAX_OVER_OIL : 1;

/** Puts a new coat on, in place: life by class and by the grit under it, set time by class and air. */
function lubeOn(
  state: ChainState,
  lube: NonNullable<WorkSpec['lube']>,
  air: Air,
  coat: Coat,
): void {
  const traits = LUBE_CLASSES[lube.lubeClass];
  const setHours = coat.setHours ?? traits.setHours;
  const { lube: old, film, lifeKm } = state;
  const holds = lube.coat * shareHeld(lube.lubeClass, state);
  const fresh = Math.max(0, holds - film);
  const isOther = old !== null && old !== lube.lubeClass && film > 0;
  // Two lubes mix by their shares, and the larger part gives the name.
  if (!isOther || fresh >= film) {
    state.lube = lube.lubeClass;
    state.bottle = coat.bottle;
  }
  const freshLife = coatLifeKm(lube.lubeClass, state.inside, coat.lifeKm);
  // A thin coat over what is left leaves that as long-lived as it was.
  const mixes = isOther || (film > 0 && fresh < film);
  state.lifeKm = mixes ? (film * lifeKm + fresh * freshLife) / (film + fresh) : freshLife;
  state.film = film + fresh;
  state.fresh = fresh;
  state.coat = state.film;
  state.worn = 0;
  state.lost = 0;
  state.coatBike = null;
  state.shownBefore = 0;
  state.unheard = 0;
  state.notes = null;
  state.ownLife = null;
  state.lubedAt = state.at;
  state.setAt = state.at + settingHours({ ...traits, setHours }, air) * MS_PER_HOUR;
  state.wipeMissed = traits.wiped && !lube.wiped;
  state.idleLoss = 0;
  state.kmSinceLube = 0;
}
