import type { ChainReport } from '../care/verdict/report';
import type { Replay } from '../care/replay/replay';
import { wearLimitPercent } from '../chain/geometry';
import type { TrialQuestion } from '../records/trial';
import type { Settings } from '../records/settings';
import { bottlesOf } from '../shelf/use';
import { usualCoatCost } from '../shelf/stock';
import { lubeOn } from '../years/question';
import { coatsSince } from './coats';
import type { Planned } from './designs';
import { saidOf } from './judged';
import { priorOf } from './noise';
import { scatterOf } from './posterior';

/** Whose trial it would be. */
export interface TrialAsker {
  report: ChainReport;
  replay: Replay;
  settings: Settings;
}

/** The lubes a trial would be of: two bottles', else the one that is on for both. */
function lubesOf({ report, replay }: TrialAsker, question: TrialQuestion): Planned['lubes'] {
  const on = lubeOn(report);
  if (question.kind !== 'product') return { a: on, b: on };
  const { products } = replay.garage;
  return { a: products[question.a]?.lubeClass ?? on, b: products[question.b]?.lubeClass ?? on };
}

/** All that a plan of a trial depends on; `careFor`: the difference the rider cares for. */
export function plannedOf(asker: TrialAsker, question: TrialQuestion, careFor: number): Planned {
  const { report, replay, settings } = asker;
  const { bike, chain, typical, learnt } = report;
  const lubes = lubesOf(asker, question);
  const heard = coatsSince(replay, '').flatMap((run) =>
    run.bikeId === bike.id && run.lube === lubes.a ? (saidOf(run) ?? []) : [],
  );
  const [bottle] = bottlesOf(replay.garage.products, lubes.a);
  return {
    lubes,
    typical,
    life: learnt.factors.life,
    sigma: scatterOf(heard, priorOf('way')),
    careFor,
    standard: settings.standard,
    prices: {
      hour: settings.plan.hourPrice,
      coat: (bottle && usualCoatCost(bottle, settings.dropsPerMl)) ?? 0,
      chain: chain.price ?? settings.plan.chainPrice,
      limit: wearLimitPercent(bike.speeds, bike.gear),
    },
  };
}
