import { gritSigmaOf, lifeSigmaOf, type ChainReport, type Replay } from '../care';
import { wearLimitPercent } from '../chain';
import type { LubeClass } from '../lube';
import type { Settings } from '../settings';
import { MS_PER_DAY } from '../units';
import { placeOfCell } from '../weather';
import { keptOf } from './kept';
import { yearOfRiding, type YearOfRiding } from './riding';
import { REGIME_NAMES } from './regimes';
import type { YearsAsked } from './years';

/** Put on where nothing is known. */
const LUBE_IF_UNKNOWN: LubeClass = 'all-weather';
/** The rider's way is that of the last year. */
const LOOK_BACK_MS = 365 * MS_PER_DAY;

/** What is asked of one bike. */
export interface AboutBike {
  report: ChainReport;
  replay: Replay;
  settings: Settings;
  now: number;
}

/** How sure one is of a bike's coats and chain: what was learnt, and how far the truth may lie off. */
export const natureOf = ({ learnt, state }: ChainReport) => ({
  own: { ...learnt.factors, wear: state.wearFactor },
  sigma: {
    life: lifeSigmaOf(learnt),
    grit: gritSigmaOf(learnt),
    wear: state.wearFactorSd / state.wearFactor,
  },
});

/** The question of the years ahead of a bike, on its own riding and in its own climate. */
export function yearsQuestion(
  about: AboutBike,
  {
    years,
    futures,
    seed,
    lube,
  }: { years: number; futures: number; seed: number; lube: LubeClass | null },
): { asked: YearsAsked; riding: YearOfRiding } {
  const { report, replay, settings, now } = about;
  const { bike, chain, state } = report;
  const riding = yearOfRiding(replay.steps, bike, now);
  const cell = replay.book.cells.get(bike.id);
  return {
    riding,
    asked: {
      bike,
      links: chain.links,
      limit: wearLimitPercent(bike.speeds, bike.gear),
      start: { state, cogs: report.cogs },
      rides: riding.rides,
      years,
      now,
      place: cell === undefined ? null : placeOfCell(cell),
      standard: settings.standard,
      between: settings.schools.between,
      lube: lube ?? state.lube ?? LUBE_IF_UNKNOWN,
      kept: keptOf(replay.steps, bike.id, [now - LOOK_BACK_MS, now]),
      regimes: REGIME_NAMES,
      futures,
      seed,
      ...natureOf(report),
    },
  };
}
