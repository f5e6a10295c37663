import { canTry, type AtTheBench, type Wanted } from '../bench/offer';
import type { TriedWay } from '../records/trialKinds';
import { benchTrialOf } from './setup';
import { WAY_ANSWERS } from './ways';

/** Of each way the answers that a coat can be put on by on this bike, with this lube and these tools. */
export function possibleWays(at: AtTheBench, wanted: Wanted): Record<TriedWay, string[]> {
  const labels = { a: '', b: '' };
  const can = (way: TriedWay, answer: string) => {
    const question = { kind: 'way', way, a: answer, b: answer } as const;
    return canTry(at, wanted, benchTrialOf({ id: '', question }, 'a', labels));
  };
  const of = (way: TriedWay) => WAY_ANSWERS[way].filter((answer) => can(way, answer));
  return {
    where: of('where'),
    wipeAfter: of('wipeAfter'),
    amount: of('amount'),
    sides: of('sides'),
    oldCoat: of('oldCoat'),
  };
}
