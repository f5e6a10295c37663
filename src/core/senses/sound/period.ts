/** Something that comes again and again in a sound. */
export interface Beating {
  /** Seconds from one to the next, and the standard error of that. */
  period: number;
  sd: number;
  /** How far it stands out of chance, in standard deviations. */
  strength: number;
}

/** Nothing on a chain comes more often, or seldomer, than this, s. */
const SHORTEST = 0.12;
/** A period must come at least so many times to be one. */
const FEWEST_TIMES = 3;
/** What comes by chance is weaker, in standard deviations. Measured on noise: one in some hundred recordings. */
const CHANCE = 7;
/** Of two periods that explain a sound as well, the shorter is it. */
const AS_WELL = 0.8;
const MOST_PERIODS = 2;
/** Onsets that hardly differ are of a steady sound: what repeats in them is the arithmetic's own. Own estimate. */
const LEAST = 0.01;

/**
 * Returns the periods in onsets, the strongest first: of every period the mean of the autocorrelation at its
 * multiples; then what comes with it is taken out, and the rest is searched again.
 */
export function periodsOf(onsets: Float32Array, hop: number): Beating[] {
  const found: Beating[] = [];
  let left = sharpened(onsets);
  if (rootMeanSquare(left) < LEAST) return found;
  while (found.length < MOST_PERIODS) {
    const next = strongest(left, hop);
    if (!next || found.some((was) => isMultiple(next.period, was.period))) break;
    found.push(next);
    left = without(left, next.period / hop);
  }
  return found;
}

/** Whether one period is so many times the other: then it is the same thing, heard stronger every second time. */
function isMultiple(one: number, other: number): boolean {
  const times = Math.max(one, other) / Math.min(one, other);
  return Math.abs(times - Math.round(times)) < SAME * times;
}
const SAME = 0.02;

/** Onsets less their running mean, and only what stands out: a slow swell is no beat. */
function sharpened(onsets: Float32Array): Float32Array {
  const half = 12;
  const out = new Float32Array(onsets.length);
  for (let n = 0; n < out.length; n++) {
    let [sum, count] = [0, 0];
    for (let k = Math.max(0, n - half); k <= Math.min(out.length - 1, n + half); k++) {
      sum += onsets[k] as number;
      count += 1;
    }
    out[n] = (onsets[n] as number) - sum / count;
  }
  return centred(out);
}

const rootMeanSquare = (values: Float32Array): number =>
  Math.sqrt(values.reduce((sum, v) => sum + v * v, 0) / values.length);

function centred(values: Float32Array): Float32Array {
  const mean = values.reduce((sum, v) => sum + v, 0) / values.length;
  return values.map((v) => v - mean);
}

function strongest(values: Float32Array, hop: number): Beating | null {
  const longest = Math.floor(values.length / FEWEST_TIMES);
  const acf = autocorrelation(values, values.length - 1);
  const first = Math.ceil(SHORTEST / hop);
  const scores: { lag: number; z: number }[] = [];
  // A quarter of a stretch finer than the stretches: far multiples tell.
  for (let lag = first; lag <= longest; lag += lag < 60 ? 0.1 : 0.25) {
    const times = Math.min(8, Math.floor((values.length * 0.7) / lag));
    let sum = 0;
    for (let k = 1; k <= times; k++) sum += peakAt(acf, lag * k);
    scores.push({ lag, z: (sum / Math.sqrt(times)) * Math.sqrt(values.length) });
  }
  const best = scores.reduce((a, b) => (b.z > a.z ? b : a), { lag: 0, z: 0 });
  if (best.z < CHANCE) return null;
  // A multiple of a period explains less often, but as well: the shortest that does is meant.
  const base = [5, 4, 3, 2]
    .map((n) => near(scores, best.lag / n))
    .find((s) => s !== null && s.z >= AS_WELL * best.z);
  const { lag, z } = base ?? best;
  const exact = refined(acf, lag);
  const times = Math.max(1, Math.floor((values.length * 0.7) / exact));
  return { period: exact * hop, sd: (0.5 * hop) / times, strength: z };
}

const near = (scores: readonly { lag: number; z: number }[], lag: number) =>
  scores
    .filter((s) => Math.abs(s.lag - lag) < 1)
    .reduce<{ lag: number; z: number } | null>((a, b) => (a && a.z >= b.z ? a : b), null);

/** The same lag, by its farthest multiple: an error there is shared by all before it. */
function refined(acf: Float32Array, lag: number): number {
  let now = lag;
  const most = Math.floor((acf.length * 0.7) / lag);
  for (let times = 2; times <= most; times *= 2) {
    let [best, at] = [-Infinity, now * times];
    for (let by = -1.5; by <= 1.5; by += 0.1) {
      const value = peakAt(acf, now * times + by);
      if (value > best) [best, at] = [value, now * times + by];
    }
    now = at / times;
  }
  return now;
}

/** Autocorrelation, 1 at no lag, each lag by its own number of pairs' worth of all. */
function autocorrelation(values: Float32Array, most: number): Float32Array {
  const out = new Float32Array(most + 1);
  const all = values.reduce((sum, v) => sum + v * v, 0);
  if (all === 0) return out;
  for (let lag = 0; lag <= most; lag++) {
    let sum = 0;
    for (let n = 0; n + lag < values.length; n++)
      sum += (values[n] as number) * (values[n + lag] as number);
    out[lag] = sum / all;
  }
  return out;
}

/** Between two lags, straight. */
function peakAt(acf: Float32Array, lag: number): number {
  const low = Math.floor(lag);
  const share = lag - low;
  return (1 - share) * (acf[low] ?? 0) + share * (acf[low + 1] ?? 0);
}

/** Onsets less what comes with a period: the mean of every phase of it. */
function without(values: Float32Array, period: number): Float32Array {
  const phases = Math.max(1, Math.round(period));
  const [sums, counts] = [new Float32Array(phases), new Float32Array(phases)];
  const phaseOf = (n: number) => Math.min(phases - 1, Math.floor(((n % period) / period) * phases));
  values.forEach((v, n) => {
    (sums[phaseOf(n)] as number) += v;
    (counts[phaseOf(n)] as number) += 1;
  });
  return centred(
    values.map((v, n) => {
      const phase = phaseOf(n);
      return v - (sums[phase] as number) / Math.max(1, counts[phase] as number);
    }),
  );
}
