import { Chance } from '../chance/chance';
import type { Trial } from '../records/trial';
import type { Arm } from '../records/trialKinds';
import type { TrialCoat } from './judged';

/** A number from a name, the same on every machine: FNV-1a. */
export const seedOf = (name: string): number =>
  [...name].reduce(
    (hash, c) => Math.imul(hash ^ (c.codePointAt(0) ?? 0), 16_777_619),
    2_166_136_261,
  ) | 0;

/** Which of a pair of coats comes first: drawn by lot, the same each time it is asked. */
export const firstOf = (trialId: string, pair: number): Arm =>
  new Chance(seedOf(trialId), pair, 21).uniform() < 0.5 ? 'a' : 'b';

/**
 * The habit the next coat is due by: coats go in pairs, one of each habit, and chance says which comes first, so that
 * seasons fall on both alike. A coat that does not count is made up for by the next.
 */
export function dueArm({ id }: Pick<Trial, 'id'>, coats: readonly TrialCoat[]): Arm {
  const taken = (arm: Arm) => coats.filter((c) => c.arm === arm && c.uncounted === null).length;
  const [a, b] = [taken('a'), taken('b')];
  if (a !== b) return a < b ? 'a' : 'b';
  return firstOf(id, a);
}
