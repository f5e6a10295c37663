import { whenToReplace, type Best, type Threshold, type Verdict } from '../money/replace';
import type { MoneyItem, Unpriced } from '../money/ledger';
import { formatElongation } from '../units/format';
import type { RegimeName } from '../years/regimes';
import { aboutMoney, moneyRange } from './amounts';

export const MONEY_LABEL: Record<MoneyItem, string> = {
  lube: 'Lube',
  cleaning: 'Degreaser and rags',
  chain: 'Chain',
  cassette: 'Cassette',
  rings: 'Rings and jockey wheels',
  time: 'Your time',
};

/** What a way of keeping a chain is called. */
export const REGIME_LABEL: Record<RegimeName, string> = {
  plan: 'As the plan says',
  kept: 'As you do now',
  weekly: 'Every Sunday',
  fortnightly: 'Every other Sunday',
  monthly: 'Once a month',
  squeak: 'When it squeaks',
  never: 'Never',
};

/** What a year and 1,000 km (or 1,000 miles) come to, in a sentence. Null: too little is known to tell. */
export function costSentence(
  year: number | null,
  per1000: { amount: number | null; unit: 'km' | 'mi' },
  currency: string | null,
): string {
  if (year === null && per1000.amount === null)
    return 'Too little is logged to say what a year costs. Ride 100 km and log four weeks.';
  const distance =
    per1000.amount === null
      ? null
      : `${aboutMoney(per1000.amount, currency)} for 1,000 ${per1000.unit}`;
  if (year === null) return `It costs about ${distance}.`;
  const a = `It costs about ${aboutMoney(year, currency)} a year`;
  return distance ? `${a}, or ${distance}.` : `${a}.`;
}

/** What has no price, and what that does to the sums. Empty: everything has one. */
export function unpricedSentences(list: readonly Unpriced[]): string[] {
  const names = (as: Unpriced['as']) => list.filter((u) => u.as === as).map((u) => u.name);
  const [missing, usual] = [names('missing'), names('usual')];
  const sentences: string[] = [];
  if (missing.length > 0)
    sentences.push(`These have no price and are left out of the sums: ${missing.join(', ')}.`);
  if (usual.length > 0)
    sentences.push(
      `These have no price of their own, so we count the plan’s usual price: ${usual.join(', ')}.`,
    );
  return sentences;
}

/** What is assumed of jobs without minutes; null: all have them. */
export const untimedSentence = (untimed: number): string | null =>
  untimed === 0
    ? null
    : untimed === 1
      ? 'One job has no minutes in the log, so we count the usual ones.'
      : `${untimed} jobs have no minutes in the log, so we count the usual ones.`;

/** What other care of the same rides would have cost against what it did. */
export function againstSentence(
  name: RegimeName,
  [low, high]: readonly [number, number],
  spent: number,
  currency: string | null,
): string {
  const way = name === 'never' ? 'Never cleaned or lubed' : `Kept “${REGIME_LABEL[name]}”`;
  const cost = `${way}, the same rides would have cost ${moneyRange(low, high, currency)}.`;
  if (low > spent) return `${cost} You saved ${moneyRange(low - spent, high - spent, currency)}.`;
  if (high < spent)
    return `${cost} You spent ${moneyRange(spent - high, spent - low, currency)} more.`;
  return `${cost} You spent ${aboutMoney(spent, currency)}, about the same.`;
}

const percent = formatElongation;

/** When replacing costs least, how much it matters, and where this chain stands. */
export function replaceSentences(
  wear: number,
  best: Best,
  limit: number,
  currency: string | null,
): string[] {
  const [from, to] = best.flat;
  const { at, per1000Km } = best.least;
  const is = `This chain is at ${percent(wear)}`;
  const now: Record<Verdict, string> = {
    keep: `${is}. Keep it on. Its limit is ${percent(limit)}.`,
    now: `${is}. Replace it now, or by its limit of ${percent(limit)}.`,
    'past limit': `${is}, past its limit of ${percent(limit)}. Replace it now and the cassette may live on, or ride on and replace both together by ${percent(Math.max(to, limit))}.`,
    overdue: `${is}. It has most likely worn the cassette out too. Replace both together.`,
  };
  const least = `Replacing at ${percent(at)} costs least, about ${aboutMoney(per1000Km, currency)} for 1,000 km. From ${percent(from)} to ${percent(to)} it hardly matters.`;
  const late =
    at > limit
      ? [
          'Money alone says later than the limit, because the cassette is cheap beside its chains. Past the limit shifting gets worse, and a new chain may skip on the old cassette.',
        ]
      : [];
  return [now[whenToReplace(wear, best, limit)], least, ...late];
}

/** The curve for those who do not see it. */
export const curveText = (curve: readonly Threshold[], currency: string | null): string =>
  `Cost for 1,000 km by the wear at which the chain is replaced. ${curve
    .filter((_, n) => n % 10 === 0)
    .map((t) => `${percent(t.at)}: ${aboutMoney(t.per1000Km, currency)}`)
    .join(', ')}.`;
