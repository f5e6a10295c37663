import type { ChainReport, Replay } from '../care';
import { wearLimitPercent } from '../chain';
import type { LubeClass } from '../lube';
import type { TrialQuestion } from '../records/trial';
import type { Settings } from '../settings';
import { bottlesOf, usualCoatCost } from '../shelf';
import { coatsSince, type CoatRun } from './coats';
import type { Planned } from './designs';
import type { Evidence } from './evidence';
import { priorOf } from './noise';
import { scatterOf } from './posterior';

/** Whose trial it would be. */
export interface TrialAsker {
  report: ChainReport;
  replay: Replay;
  settings: Settings;
}

/** Put on where nothing is known. */
const LUBE_IF_UNKNOWN: LubeClass = 'all-weather';

/** What coats of a lube on a bike showed before any trial, by what was said of them. */
const heardBefore = (runs: readonly CoatRun[], bikeId: string, lube: LubeClass): Evidence[] =>
  runs.flatMap((run): Evidence[] => {
    if (run.bikeId !== bikeId || run.lube !== lube) return [];
    if (run.end === 'squeak' && run.lasted.to > 0) return [{ kind: 'lasted', ...run.lasted }];
    return run.quietTo > 0 ? [{ kind: 'lasted', from: run.quietTo, to: Infinity }] : [];
  });

/** The lubes a trial would be of: two bottles', else the one that is on for both. */
function lubesOf({ report, replay }: TrialAsker, question: TrialQuestion): Planned['lubes'] {
  const on = report.state.lube ?? LUBE_IF_UNKNOWN;
  if (question.kind !== 'product') return { a: on, b: on };
  const { products } = replay.garage;
  return { a: products[question.a]?.lubeClass ?? on, b: products[question.b]?.lubeClass ?? on };
}

/** All that a plan of a trial depends on; `careFor`: the difference the rider cares for. */
export function plannedOf(asker: TrialAsker, question: TrialQuestion, careFor: number): Planned {
  const { report, replay, settings } = asker;
  const { bike, chain, typical, learnt } = report;
  const lubes = lubesOf(asker, question);
  const heard = heardBefore(coatsSince(replay, ''), bike.id, lubes.a);
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
