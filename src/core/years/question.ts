import { gritSigmaOf, lifeSigmaOf, NOT_LEARNT, personalKey } from '../care/model/personal';
import type { ChainReport } from '../care/verdict/report';
import type { Replay } from '../care/replay/replay';
import { wearLimitPercent } from '../chain/geometry';
import type { LubeClass } from '../lube/classes';
import type { Settings } from '../records/settings';
import { bottlesOf } from '../shelf/use';
import { MS_PER_DAY } from '../units/convert';
import { placeOfCell } from '../weather/cells';
import { keptOf } from './kept';
import { yearOfRiding, type YearOfRiding } from './riding';
import type { LubeAsked, YearsAsked } from './years';

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

/**
 * A lube on a bike as it is known there: what was learnt of its coats, on the chain that is on. Of one that was never on
 * it, the handbook's.
 */
export function lubeAsked(
  { report, replay }: Pick<AboutBike, 'report' | 'replay'>,
  lube: LubeClass,
): LubeAsked {
  const { bike, state } = report;
  const { learnt } = replay.book;
  const bottles = bottlesOf(replay.garage.products, lube).map((p) => p.id);
  const on = state.lube === lube && state.bottle !== null ? [state.bottle] : [];
  const known = [...on, ...bottles, lube].flatMap(
    (id) => learnt.get(personalKey(bike.id, id)) ?? [],
  );
  const personal = known[0] ?? NOT_LEARNT;
  return {
    lube,
    own: { ...personal.factors, wear: state.wearFactor },
    sigma: {
      life: lifeSigmaOf(personal),
      grit: gritSigmaOf(personal),
      wear: state.wearFactorSd / state.wearFactor,
    },
  };
}

/** The lube that is on, else what is put on where nothing is known. */
export const lubeOn = ({ state }: ChainReport): LubeClass => state.lube ?? LUBE_IF_UNKNOWN;

/** How far ahead, how surely, and which ways. */
export interface YearsOf extends Pick<YearsAsked, 'years' | 'futures' | 'seed' | 'regimes'> {
  lubes: readonly LubeClass[];
}

/** The question of the years ahead of a bike, on its own riding and in its own climate. */
export function yearsQuestion(
  about: AboutBike,
  { years, futures, seed, regimes, lubes }: YearsOf,
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
      kept: keptOf(replay.steps, bike.id, [now - LOOK_BACK_MS, now]),
      regimes,
      lubes: lubes.map((lube) => lubeAsked(about, lube)),
      futures,
      seed,
    },
  };
}
