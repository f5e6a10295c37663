import type { Candidate } from './candidate';
import { refusalOf, switchMinutes, tooLong, type ChoiceFacts, type Refusal } from './rules';
import type { SeasonFigures } from './season';
import { WISHES, type Wish, type Wishes } from '../records/wishes';

/** What a wish is measured by, and how much of it counts as a clear difference. Own estimates. */
const MEASURE: Record<Wish, { of: (f: SeasonFigures) => number | null; clear: number }> = {
  // Being caught dry is neither quiet nor quick.
  quick: { of: (f) => f.watts + 10 * f.dryRides, clear: 2 },
  clean: { of: (f) => f.grit, clear: 0.1 },
  time: { of: (f) => f.minutesPer1000Km, clear: 40 },
  money: { of: (f) => f.moneyPer1000Km, clear: 3 },
  life: { of: (f) => f.wearPer1000Km, clear: 0.03 },
};

/** Seasons of one candidate at rising wet shares from 0 to 1, evenly spaced. */
export interface Curve {
  candidate: Candidate;
  figures: readonly SeasonFigures[];
}

/** Figures at a wet share, straight between the two ridden beside it. */
export function figuresAt({ figures }: Curve, wetShare: number): SeasonFigures {
  const place = Math.min(1, Math.max(0, wetShare)) * (figures.length - 1);
  const low = Math.floor(place);
  const a = figures[low];
  const b = figures[Math.min(figures.length - 1, low + 1)];
  if (!a || !b) throw new Error('A curve needs at least one season.');
  const part = place - low;
  const mix = (x: number, y: number) => x + (y - x) * part;
  return {
    intervalKm: {
      low: mix(a.intervalKm.low, b.intervalKm.low),
      mid: mix(a.intervalKm.mid, b.intervalKm.mid),
      high: mix(a.intervalKm.high, b.intervalKm.high),
    },
    coatsPerMonth: mix(a.coatsPerMonth, b.coatsPerMonth),
    cleansPerMonth: mix(a.cleansPerMonth, b.cleansPerMonth),
    minutesPer1000Km: mix(a.minutesPer1000Km, b.minutesPer1000Km),
    moneyPer1000Km:
      a.moneyPer1000Km === null || b.moneyPer1000Km === null
        ? null
        : mix(a.moneyPer1000Km, b.moneyPer1000Km),
    wearPer1000Km: mix(a.wearPer1000Km, b.wearPer1000Km),
    watts: mix(a.watts, b.watts),
    grit: mix(a.grit, b.grit),
    dryRides: mix(a.dryRides, b.dryRides),
  };
}

export interface Ranked {
  candidate: Candidate;
  figures: SeasonFigures;
  /** What it falls short of the best by, over all wishes; 0 is the best there could be. */
  shortfall: number;
  /** The part of each wish in it. */
  parts: Record<Wish, number>;
  /** Why it is not to be used, if it is not. */
  refused: Refusal | null;
}

/**
 * The candidates at a wet share, best first, refused ones last. A wish's shortfall is the distance to
 * the best candidate in it, counted in clear differences and weighed by the wish. What is
 * not known of one lube, its price, is taken as the mean of the others: unknown is neither dear nor free.
 */
export function rank(
  curves: readonly Curve[],
  wetShare: number,
  wishes: Wishes,
  facts: ChoiceFacts,
): Ranked[] {
  const list = curves.map((curve) => {
    const usual = figuresAt(curve, wetShare);
    return {
      candidate: curve.candidate,
      figures: withSwitch(usual, curve.candidate, facts),
      refused:
        refusalOf(curve.candidate, { ...facts, wetShare }) ??
        tooLong(usual.minutesPer1000Km, facts),
    };
  });
  const best = {} as Record<Wish, number>;
  const usual = {} as Record<Wish, number | null>;
  for (const wish of WISHES) {
    const values = list.flatMap((r) => (r.refused ? [] : (MEASURE[wish].of(r.figures) ?? [])));
    best[wish] = Math.min(...values);
    usual[wish] = values.length > 0 ? values.reduce((a, b) => a + b, 0) / values.length : null;
  }
  const ranked = list.map((r): Ranked => {
    const parts = {} as Record<Wish, number>;
    for (const wish of WISHES) {
      const { of, clear } = MEASURE[wish];
      const value = of(r.figures) ?? usual[wish];
      parts[wish] = value === null ? 0 : (wishes[wish] * (value - best[wish])) / clear;
    }
    const shortfall = WISHES.reduce((sum, wish) => sum + parts[wish], 0);
    return { ...r, parts, shortfall };
  });
  return ranked.sort(
    (a, b) => Number(a.refused !== null) - Number(b.refused !== null) || a.shortfall - b.shortfall,
  );
}

/**
 * Returns the figures with the minutes of a change of lube, spread over what is ridden until the choice is made
 * anew.
 */
function withSwitch(figures: SeasonFigures, c: Candidate, facts: ChoiceFacts): SeasonFigures {
  const once = (switchMinutes(c, facts.now) / facts.horizonKm) * 1000;
  return { ...figures, minutesPer1000Km: figures.minutesPer1000Km + once };
}

/** The wet share from which `b` serves better than `a`; null where it never overtakes it between 0 and 1. */
export function overtakes(
  curves: readonly Curve[],
  [a, b]: readonly [string, string],
  wishes: Wishes,
  facts: ChoiceFacts,
): number | null {
  const lead = (wet: number): number => {
    const ranked = rank(curves, wet, wishes, facts);
    const of = (id: string) => ranked.find((r) => r.candidate.id === id)?.shortfall ?? NaN;
    return of(a) - of(b);
  };
  for (let n = 1; n <= SCAN; n++) {
    if (!(lead((n - 1) / SCAN) <= 0 && lead(n / SCAN) > 0)) continue;
    return bisect((n - 1) / SCAN, n / SCAN, (wet) => lead(wet) <= 0);
  }
  return null;
}

/** The place between `low` and `high` where `before` stops being true. */
function bisect(low: number, high: number, before: (x: number) => boolean): number {
  let [from, to] = [low, high];
  for (let i = 0; i < 14; i++) {
    const middle = (from + to) / 2;
    if (before(middle)) from = middle;
    else to = middle;
  }
  return to;
}

/** The two wishes in which the first of a ranking beats the second most, and the one it loses by most. */
export function reasons(ranked: readonly Ranked[]): { for: Wish[]; against: Wish | null } {
  const [first, second] = ranked.filter((r) => r.refused === null);
  if (!first || !second) return { for: [], against: null };
  const gains = WISHES.map((wish) => [wish, second.parts[wish] - first.parts[wish]] as const).sort(
    (a, b) => b[1] - a[1],
  );
  const won = gains.filter(([, gain]) => gain > 0.01);
  const worst = gains.at(-1);
  return {
    for: won.slice(0, 2).map(([wish]) => wish),
    against: worst && worst[1] < -0.01 ? worst[0] : null,
  };
}

/** The wet shares at which the answer changes, each with what comes after. */
export function answerCrossings(
  curves: readonly Curve[],
  wishes: Wishes,
  facts: ChoiceFacts,
): { wetShare: number; from: Candidate; to: Candidate }[] {
  const answer = (wet: number) => rank(curves, wet, wishes, facts)[0]?.candidate;
  const found: { wetShare: number; from: Candidate; to: Candidate }[] = [];
  let last = answer(0);
  for (let n = 1; n <= SCAN; n++) {
    const next = answer(n / SCAN);
    if (!last || !next || next.id === last.id) continue;
    const before = last;
    const wetShare = bisect((n - 1) / SCAN, n / SCAN, (wet) => answer(wet)?.id === before.id);
    found.push({ wetShare, from: before, to: next });
    last = next;
  }
  return found;
}

const SCAN = 100;
