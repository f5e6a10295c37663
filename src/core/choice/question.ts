import { lastLube, type ChainReport } from '../care/verdict/report';
import { learntFor } from '../care/replay/bookState';
import type { Replay } from '../care/replay/replay';
import { kmPerWeek, profileOf, type LookBack, type RidingProfile } from './profile';
import type { Candidate } from './candidate';
import type { ChoiceFacts } from './rules';
import type { SeasonPlan } from './season';
import type { Garage } from '../records/garage';
import type { Settings } from '../records/settings';
import { HOURS_PER_WEEK } from '../units/convert';
import type { Schools } from '../lube/schools';
import { candidatesOf } from './candidates';
import { costOf } from '../shelf/stock';
import { cleanersFor, usedOn } from '../shelf/use';

/** Which lube for one bike: all that the answer depends on, but for the wet share. */
export interface Question {
  bikeId: string;
  profile: RidingProfile;
  candidates: Candidate[];
  plan: SeasonPlan;
  facts: Omit<ChoiceFacts, 'wetShare'>;
}

const SEASON = { weeks: 26, futures: 20, seed: 1866 } as const;
/** Dirt of dry ground above which it is loose: gravel and trails. */
const LOOSE_DIRT = 1.5;

/** Whose question it is. */
export interface Asker {
  replay: Replay;
  report: ChainReport;
  products: Garage['products'];
  settings: Settings;
}

/**
 * The question for a bike: its riding over the last month or half year up to `now` (ms), what may go on
 * its chain with what was learnt of it, and the rider's habits. A change of lube is spread over `weeks`.
 */
export function questionOf(
  { replay, report, products, settings }: Asker,
  horizon: { back: LookBack; weeks: number },
  now: number,
): Question {
  const { bike, chain } = report;
  const { choice, schools, standard, dropsPerMl } = settings;
  const profile = profileOf(replay.steps, bike, horizon.back, now);
  return {
    bikeId: bike.id,
    profile,
    candidates: candidatesOf(
      products,
      { links: chain.links, ebike: bike.ebike, dropsPerMl, schools },
      (lube) => learntFor(replay.book, bike.id, lube),
    ),
    plan: {
      profile,
      storage: bike.storage,
      standard,
      habit: choice.habit,
      oldCoat: schools.oldCoat,
      between: schools.between,
      costPerClean: cleanCost(products, schools),
      ...SEASON,
    },
    facts: {
      habit: choice.habit,
      pot: choice.pot,
      minutesPerWeek: choice.minutesPerWeek,
      leadHours: choice.leadHours,
      waxInWet: schools.waxInWet,
      household: schools.household,
      ebike: bike.ebike,
      storage: bike.storage,
      standsHours: HOURS_PER_WEEK / profile.ridesPerWeek,
      dusty: profile.dirtDry > LOOSE_DIRT,
      now: lastLube(replay.steps, chain.id),
      kmPerWeek: kmPerWeek(profile),
      horizonKm: kmPerWeek(profile) * horizon.weeks,
    },
  };
}

/** What the degreaser of an ordinary clean on the bike costs; null where it is not known. */
function cleanCost(products: Garage['products'], schools: Schools): number | null {
  const [cleaner] = cleanersFor(products, 'brush', schools.degreaser);
  if (!cleaner) return null;
  const [use] = usedOn({ method: 'brush', baths: null, coat: [], cleaner, settled: false });
  return use ? costOf(cleaner, use.amount) : null;
}
