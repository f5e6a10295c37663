import type { Verdict } from '../care/verdict/verdict';
import { DEPTHS, type Depth } from '../records/kinds';
import { isOfAnOccasion } from './depths';
import type { DateText } from '../time/dates';
import type { Offer } from './offer';

/** The depth to begin with, and why. */
export type Recommended = { depth: Depth } & (
  | { reason: 'only a noise' | 'shallowest' | 'next that can' | 'swap due' }
  /** The plan has it on this day. */
  | { reason: 'planned'; date: DateText }
);

/** The next job of a chain by the plan. */
export type NextPlanned = { depth: Depth; date: DateText } | null;

/**
 * What the plan has next, or the verdict proposes, or the next deeper that can be done here. Shallow first when a noise is the
 * only complaint: a wipe and a coat cure most of them.
 */
export function recommend(
  verdict: Verdict,
  list: readonly Offer[],
  planned: NextPlanned = null,
  swapDue = false,
): Recommended | null {
  const swap = list.find((o) => o.depth === 'swap' && o.refused === null);
  if (swapDue && swap && verdict.kind === 'good for') return { depth: 'swap', reason: 'swap due' };
  const can = list.filter((o) => o.refused === null && o !== swap);
  const noise = verdict.heard && !verdict.heard.odd && verdict.heard.sound === 'squeak';
  const dirty = verdict.clocks.some(
    (c) => c.fired && (c.name === 'inside' || c.name === 'outside'),
  );
  if (noise && !dirty && can.some((o) => o.depth === 'top-up'))
    return {
      depth: 'top-up',
      reason: 'only a noise',
    };
  if (planned && can.some((o) => o.depth === planned.depth))
    return { ...planned, reason: 'planned' };
  const { depth } = verdict.proposal;
  const from = DEPTHS.indexOf(depth);
  const fits = (o: Offer) => o.depth === depth || !isOfAnOccasion(o.depth);
  const found = can.find((o) => DEPTHS.indexOf(o.depth) >= from && fits(o)) ?? can.findLast(fits);
  if (!found) return null;
  return {
    depth: found.depth,
    reason: found.depth === depth ? 'shallowest' : 'next that can',
  };
}

/** The depths with the one to begin with first, and those that cannot be done last. */
export const nextFirst = (list: readonly Offer[], recommended: Recommended | null): Offer[] => {
  const place = (o: Offer) => (o.depth === recommended?.depth ? 0 : o.refused === null ? 1 : 2);
  return [...list].sort((a, b) => place(a) - place(b));
};
