import { likelihoodOf, shownBetween, type Likelihood } from '../learn/belief';
import { normalFit } from '../learn/own';
import { TRIAL } from './noise';

/**
 * What a coat showed, over what its lube's class would by the handbook in the same weather: it lasted between two
 * numbers of handbook lives (`to` Infinity: at least `from`); or a rag read a level, with an error, where so much grit
 * had gathered by the handbook over what the last wipe left.
 */
export type Evidence =
  | { kind: 'lasted'; from: number; to: number }
  | { kind: 'rag'; level: number; sd: number; leftOutside: number; gathered: number };

/** Points of a normal and their weights, five of them: Gauss and Hermite's rule (Abramowitz and Stegun, table 25.10). */
const NODES: readonly (readonly [number, number])[] = [
  [0, 8 / 15],
  [1.3556261799742659, 0.22207592200561264],
  [-1.3556261799742659, 0.22207592200561264],
  [2.8569700138728056, 0.011257411327720691],
  [-2.8569700138728056, 0.011257411327720691],
];

/** Grit outside where `times` as much came as by the handbook. */
export const outsideAfter = (leftOutside: number, gathered: number, times: number): number =>
  1 - (1 - leftOutside) * Math.exp(-gathered * times);

function plainLikelihood(e: Evidence, sigma: number): Likelihood {
  if (e.kind === 'lasted') {
    // Seen to the kilometre, as no rider sees it, it is a point.
    if (e.from === e.to) return likelihoodOf((ln) => normalFit(Math.log(e.from) - ln, sigma));
    return shownBetween(e.from, e.to, sigma);
  }
  return likelihoodOf((ln) => {
    let sum = 0;
    for (const [z, weight] of NODES) {
      const outside = outsideAfter(e.leftOutside, e.gathered, Math.exp(ln + sigma * z));
      sum += weight * normalFit(e.level - outside, e.sd);
    }
    return sum;
  });
}

/** What was worked out before: evidence never changes, and each coat that comes is looked at with all before it. */
const known = new WeakMap<Evidence, Map<string, Float64Array>>();

/**
 * The logarithm of how likely a coat is at each mean of its habit, where coats vary by `sigma`; a share of coats is odd,
 * and varies more.
 */
export function logLikelihoodOfCoat(e: Evidence, sigma: number, oddShare: number): Float64Array {
  const ofCoat = known.get(e) ?? new Map<string, Float64Array>();
  known.set(e, ofCoat);
  const key = `${sigma} ${oddShare}`;
  let log = ofCoat.get(key);
  if (!log) {
    const plain = plainLikelihood(e, sigma);
    const odd = oddShare > 0 ? plainLikelihood(e, sigma * TRIAL.oddTimes.value) : plain;
    log = plain.map((l, n) => Math.log((1 - oddShare) * l + oddShare * (odd[n] as number)));
    ofCoat.set(key, log);
  }
  return log;
}
