import { learn, priorBelief, shownAbove, shownAs, type Belief } from '../../learn';
import { CARE, QUARTILE_Z } from './constants';
import type { ChainState } from './state';

/** How this rider's coats and roads differ from the handbook: 1 is the handbook. */
export interface Factors {
  life: number;
  grit: number;
  wear: number;
}

/** What has been learnt of one lube on one bike. */
export interface Personal {
  /** Of its life in km. */
  life: Belief;
  /** Of how fast grit comes. */
  grit: Belief;
  /** The figures to reckon with. */
  factors: Factors;
}

/**
 * A coat's life varies by `lifeSigma` in all: from coat to coat by the noise of a squeak, the rest from
 * rider to rider; only the latter can be learnt. Grit alike.
 */
const riderSigma = (all: number, noise: number): number => Math.sqrt(all ** 2 - noise ** 2);

const personal = (life: Belief, grit: Belief): Personal => ({
  life,
  grit,
  factors: { life: life.mid, grit: grit.mid, wear: 1 },
});

/** Before anything is learnt: exactly the handbook. */
export const HANDBOOK: Factors = { life: 1, grit: 1, wear: 1 };
export const NOT_LEARNT: Personal = {
  life: priorBelief(riderSigma(CARE.lifeSigma.value, CARE.squeakNoise.value)),
  grit: priorBelief(riderSigma(CARE.gritSigma.value, CARE.gritNoise.value)),
  factors: HANDBOOK,
};

/** What was learnt of a lube on a bike is kept under this name: by bottle where it is known, else by class. */
export const personalKey = (bikeId: string, lube: string): string => `${bikeId} ${lube}`;

/** Log-normal sigma of the life of this rider's next coat: what is not yet learnt, and coat to coat. */
export const lifeSigmaOf = (p: Personal): number => Math.hypot(p.life.sd, CARE.squeakNoise.value);

/** The same of how fast grit comes. */
export const gritSigmaOf = (p: Personal): number => Math.hypot(p.grit.sd, CARE.gritNoise.value);

export type Futures = Record<'low' | 'mid' | 'high', Factors>;

/** The three futures a spread is made of: quartiles of life and of how fast grit comes. */
export function futuresOf(p: Personal): Futures {
  const { life, grit } = p.factors;
  const quartile = (sigma: number, side: -1 | 1) => Math.exp(side * QUARTILE_Z * sigma);
  const at = (side: -1 | 1): Factors => ({
    life: life * quartile(lifeSigmaOf(p), side),
    grit: grit * quartile(gritSigmaOf(p), side === 1 ? -1 : 1),
    wear: 1,
  });
  return { low: at(-1), mid: p.factors, high: at(1) };
}

/** Less of a coat than this left to distance, and its end tells of water and standing, not of life. */
const TELLING_SHARE = 0.2;

/**
 * The life factor a coat has shown if it is spent just now: what distance took by the handbook, over
 * what water and standing left for it to take. Null where it tells nothing: no coat, hardly ridden, or
 * washed off.
 */
export function lifeShown(state: ChainState): number | null {
  const forDistance = state.coat - state.lost;
  if (!state.lube || state.worn <= 0 || forDistance < TELLING_SHARE * state.coat) return null;
  return state.worn / forDistance;
}

/** Learns from a coat that squeaks now. */
export function learnSpent(p: Personal, state: ChainState): Personal {
  const x = lifeShown(state);
  return x === null ? p : personal(learn(p.life, shownAs(x, CARE.squeakNoise.value)), p.grit);
}

/** Learns from a coat that is still quiet: its life is longer than this. */
export function learnQuiet(p: Personal, state: ChainState): Personal {
  const x = lifeShown(state);
  return x === null ? p : personal(learn(p.life, shownAbove(x, CARE.squeakNoise.value)), p.grit);
}

/**
 * Learns from a swatch how fast grit comes. Since the last wipe, clean or swatch the outside went from
 * `outsideFrom` to `outside` at the present factor; at another, the clean part would have shrunk by
 * that power of it. Nothing is learnt where it has hardly grown.
 */
export function learnRag(p: Personal, state: ChainState, level: number): Personal {
  const cleanFrom = 1 - state.outsideFrom;
  const kept = (1 - state.outside) / cleanFrom;
  if (!(kept < 1 - LEAST_GROWTH) || kept <= 0) return p;
  const at = (ln: number) => 1 - cleanFrom * kept ** (Math.exp(ln) / p.factors.grit);
  const grit = learn(p.grit, (ln) =>
    Math.exp(-0.5 * ((level - at(ln)) / CARE.swatchNoise.value) ** 2),
  );
  return personal(p.life, grit);
}

const LEAST_GROWTH = 0.05;
