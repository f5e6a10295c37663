import { LUBE_CLASSES, type LubeClass } from '../../lube/classes';
import type { ChainStart } from '../../records/event';
import type { Unsettled } from '../../records/kinds';
import { clamp } from '../../units/convert';
import { CARE } from './constants';
import type { CoatNotes } from './coatNotes';
import type { SwatchRead } from './personal';

/** Everything the model knows of one chain at one moment. Derived by replay, never stored. */
export interface ChainState {
  /** The moment this state is true, ms since 1970. */
  at: number;
  /** Share of the coat's life left, 0 to 1. */
  film: number;
  /** Class of the coat; null on a bare chain. */
  lube: LubeClass | null;
  /** Life of this coat in dry riding, km: the class's life less the penalty for lubing dirt. */
  lifeKm: number;
  /** The bottle it came from; null: not known. */
  bottle: string | null;
  /** Film it started with, and what has been taken of it: shares of its handbook life worn off by
   * distance, and film lost to water, standing and wiping. They count on when no film is left. */
  coat: number;
  worn: number;
  lost: number;
  /** The bike it has been ridden on since it went on; null: not ridden, or on several. */
  coatBike: string | null;
  /** The life it had shown when its last ride began: see `lifeShown`. */
  shownBefore: number;
  /** Its rides since a noise, or none, was last noted. */
  unheard: number;
  /** What was noted of it, and the life factor it is then reckoned with; null: nothing, and as learnt. */
  notes: CoatNotes | null;
  ownLife: number | null;
  /** When the coat went on and when it is fit to ride, ms. */
  lubedAt: number;
  setAt: number;
  /** The part of its film that went on then: what riding before it has set throws off is of this. */
  fresh: number;
  /** Due a wipe after lubing and not wiped. */
  wipeMissed: boolean;
  /** Grit on plates and rollers: what a rag sees, 0 to 1. */
  outside: number;
  /**
   * What `outside` was after the last wipe or clean, the grit that has come since (times the handbook's way of
   * gathering it), and the swatches read since.
   */
  outsideFrom: number;
  gathered: number;
  swatches: readonly SwatchRead[];
  /** Grit at pins and shoulders: what wears the chain, 0 to 1. */
  inside: number;
  /** Hours wet since last dry, and hours until it is dry by itself. */
  wetHours: number;
  wetLeftH: number;
  salted: boolean;
  /** Rust of the wet spell that is on, and the worst of any spell since the last deep clean, 0 to 1. */
  rustSpell: number;
  rust: number;
  /** An inspection found stiff links, which a deep clean frees, or pits, which nothing mends. */
  stiff: boolean;
  pitted: boolean;
  /** Checks at the bench that were answered No and are not put right yet. */
  leftOpen: readonly Unsettled[];
  /** Elongation since new in %, and its standard deviation. */
  wear: number;
  wearSd: number;
  /**
   * How fast this chain wears, times the handbook, with its standard deviation, and how far the two go together
   * (covariance): a reading that is higher than reckoned says that it wears faster.
   */
  wearFactor: number;
  wearFactorSd: number;
  wearTied: number;
  /** Film lost by standing since the last coat. */
  idleLoss: number;
  km: number;
  kmSinceLube: number;
  kmSinceClean: number;
  /** The last sound noted since the last work, and whether the model finds it odd. */
  heard: { sound: string; at: number; odd: boolean } | null;
}

/** None read since the last wipe or clean. */
export const NO_SWATCHES: readonly SwatchRead[] = [];

/** Grit by how the chain looked when it came into the logbook. Own estimate. */
export const LOOKS: Record<ChainStart['look'], { outside: number; inside: number; cogs: number }> =
  {
    clean: { outside: 0.03, inside: 0.02, cogs: 0.03 },
    used: { outside: 0.22, inside: 0.12, cogs: 0.2 },
    dirty: { outside: 0.6, inside: 0.35, cogs: 0.6 },
  };

/** Life in km of a coat put on over this much grit inside; `labelKm` where its bottle tells a life. */
export const coatLifeKm = (
  lube: LubeClass,
  inside: number,
  labelKm: number | null = null,
): number => (labelKm ?? LUBE_CLASSES[lube].lifeKm) * (1 - CARE.dirtyCoatPenalty.value * inside);

/** A chain as it comes out of its box: clean, in factory grease that behaves like wet lube. */
export const NEW_CHAIN: ChainStart = {
  lube: 'wet',
  kmSinceLube: 0,
  look: 'clean',
  kmBefore: 0,
  wearPercent: null,
};

/** The state of a chain entering the logbook at a moment (ms). */
export function startState(start: ChainStart, at: number): ChainState {
  const grit = LOOKS[start.look];
  const lifeKm = start.lube ? coatLifeKm(start.lube, grit.inside) : 0;
  const film = start.lube ? clamp(1 - start.kmSinceLube / lifeKm, 0, 1) : 0;
  const guessedWear = start.kmBefore * CARE.averageWearPerKm.value;
  return {
    at,
    film,
    lube: start.lube,
    lifeKm,
    bottle: null,
    coat: start.lube ? 1 : 0,
    worn: start.lube ? start.kmSinceLube / lifeKm : 0,
    lost: 0,
    coatBike: null,
    shownBefore: 0,
    unheard: 0,
    notes: null,
    ownLife: null,
    lubedAt: at,
    setAt: at,
    fresh: 0,
    wipeMissed: false,
    outside: grit.outside,
    outsideFrom: grit.outside,
    gathered: 0,
    swatches: NO_SWATCHES,
    inside: grit.inside,
    wetHours: 0,
    wetLeftH: 0,
    salted: false,
    rustSpell: 0,
    rust: 0,
    stiff: false,
    pitted: false,
    leftOpen: [],
    wear: start.wearPercent ?? guessedWear,
    wearSd:
      start.wearPercent === null ? guessedWear * CARE.wearSigma.value : CARE.checkerNoise.value,
    wearFactor: 1,
    wearFactorSd: CARE.wearSigma.value,
    wearTied: start.wearPercent === null ? guessedWear * CARE.wearSigma.value ** 2 : 0,
    idleLoss: 0,
    km: start.kmBefore,
    kmSinceLube: start.kmSinceLube,
    kmSinceClean: start.look === 'clean' ? 0 : start.kmSinceLube,
    heard: null,
  };
}

/** How dry the film leaves the metal, 0 above the reserve to 1 at nothing. */
export const dryness = (film: number): number =>
  clamp((CARE.reserve.value - film) / CARE.reserve.value, 0, 1);

/** Watts lost beyond a clean, lubed, new chain at 250 W. */
export function extraWatts(
  state: Pick<ChainState, 'outside' | 'inside' | 'film' | 'wear'>,
): number {
  return (
    CARE.wattsOutside.value * state.outside +
    CARE.wattsInside.value * state.inside +
    CARE.wattsDry.value * dryness(state.film) +
    CARE.wattsWear.value * state.wear
  );
}
