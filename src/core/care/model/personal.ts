import {
  likelihoodOf,
  priorBelief,
  quantileOf,
  relearn,
  type Belief,
  type Likelihood,
} from '../../learn/belief';
import { ownQuantile } from '../../learn/own';
import { coatLikelihood, fitOfRecording, type CoatNotes } from './coatNotes';
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

const { noteMeansNothing, squeakNoise, swatchNoise, gritNoise } = CARE;

/** Log-normal sigma of the life of this rider's next coat: what is not yet learnt, and coat to coat. */
export const lifeSigmaOf = (p: Personal): number => Math.hypot(p.life.sd, CARE.squeakNoise.value);

/** The same of how fast grit comes. */
export const gritSigmaOf = (p: Personal): number => Math.hypot(p.grit.sd, CARE.gritNoise.value);

/** Returns the factors a ride on a chain is reckoned with: of its coat what was noted of it, else as learnt. */
export const factorsOn = ({ ownLife, wearFactor }: ChainState, { factors }: Personal): Factors =>
  ownLife === null && wearFactor === 1
    ? factors
    : { ...factors, life: ownLife ?? factors.life, wear: wearFactor };

/** Log-normal sigma of how fast a chain wears, as far as readings have told. */
export const wearSigmaOf = ({ wearFactor, wearFactorSd }: ChainState): number =>
  Math.sqrt(Math.log(1 + (wearFactorSd / wearFactor) ** 2));

export type Futures = Record<'low' | 'mid' | 'high', Factors>;

/**
 * The three futures a spread is made of: quartiles of life and of how fast grit comes, for the next coat; with a
 * `state`, for the coat that is on, which is known to have lasted as long as it was heard quiet.
 */
export function futuresOf(p: Personal, state: ChainState | null = null): Futures {
  const { grit } = p.factors;
  const quartile = (side: -1 | 1) => Math.exp(side * QUARTILE_Z * gritSigmaOf(p));
  const at = (probability: number, side: -1 | 1): Factors => ({
    life: lifeQuantile(p, state?.notes ?? null, probability),
    grit: grit * quartile(side),
    wear: wear * Math.exp(side * QUARTILE_Z * wearSigma),
  });
  const wear = state?.wearFactor ?? p.factors.wear;
  const wearSigma = state ? wearSigmaOf(state) : CARE.wearSigma.value;
  const mid = { ...p.factors, life: state?.ownLife ?? p.factors.life, wear };
  return { low: at(0.25, 1), mid, high: at(0.75, -1) };
}

/** Returns the factor below which a coat's life lies with a probability: the next one's, or, with its notes, this one's. */
export function lifeQuantile(p: Personal, notes: CoatNotes | null, probability: number): number {
  const recording = notes?.recording;
  const known = {
    noise: squeakNoise.value,
    above: notes?.quietTo ?? 0,
    without: notes && coatLikelihood(notes),
  };
  if (!recording) return quantileOf(p.life, probability, known);
  const seen = likelihoodOf((ln) => fitOfRecording(recording, Math.exp(ln)));
  return ownQuantile(p.life, probability, { ...known, seen });
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

/** Learns from the notes of a coat; `was`: what they said before the last of them. */
export function learnCoat(p: Personal, was: CoatNotes | null, now: CoatNotes): Personal {
  const life = relearn(p.life, was && coatLikelihood(was), coatLikelihood(now));
  return personal(life, p.grit);
}

/** A swatch read: what had been gathered since the last wipe or clean, and what the rag showed. */
export interface SwatchRead {
  gathered: number;
  level: number;
  /** Standard deviation of `level`. */
  sd: number;
}

/** Less gathered than this, and a swatch tells nothing of how fast grit comes. */
const LEAST_GATHERED = 0.05;
/** However many rags of one stretch are read, their mean is no sharper than half of a swatch picked by eye. Own estimate. */
const SHARPEST = 0.5;

/**
 * How likely the swatches of one stretch are, from one wipe or clean to the next: one observation of how fast grit
 * came on it, by the mean of what each showed over what was reckoned. From stretch to stretch that varies too.
 * Null where they tell nothing.
 */
function swatchLikelihood(outsideFrom: number, reads: readonly SwatchRead[]): Likelihood | null {
  const telling = reads.filter(({ gathered }) => gathered > LEAST_GATHERED);
  if (telling.length === 0) return null;
  // Each counts by its own error: a photograph for more than a swatch picked by eye.
  const weights = telling.map(({ sd }) => sd ** -2);
  const all = weights.reduce((sum, w) => sum + w, 0);
  const sharpest = SHARPEST * Math.min(swatchNoise.value, ...telling.map(({ sd }) => sd));
  const noise = Math.max(sharpest, all ** -0.5);
  const wrong = noteMeansNothing.value;
  return likelihoodOf((ln) => {
    let off = 0;
    let slope = 0;
    telling.forEach(({ gathered, level }, n) => {
      const share = (weights[n] as number) / all;
      const come = gathered * Math.exp(ln);
      const clean = (1 - outsideFrom) * Math.exp(-come);
      off += (level - (1 - clean)) * share;
      slope += clean * come * share;
    });
    const sd = Math.hypot(noise, slope * gritNoise.value);
    const fits = Math.exp(-0.5 * (off / sd) ** 2) / (sd * Math.sqrt(2 * Math.PI));
    return (1 - wrong) * fits + wrong;
  });
}

/** Learns from the swatches of a stretch; `was`: those read before the last of them. */
export function learnSwatch(
  p: Personal,
  outsideFrom: number,
  was: readonly SwatchRead[],
  now: readonly SwatchRead[],
): Personal {
  const seen = swatchLikelihood(outsideFrom, now);
  if (!seen) return p;
  return personal(p.life, relearn(p.grit, swatchLikelihood(outsideFrom, was), seen));
}
