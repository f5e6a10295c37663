import { CARE, STANDARDS } from '../care/model/constants';
import { meanMinutes, type Proposal } from '../care/verdict/proposal';
import { extraWatts, startState, type ChainState } from '../care/model/state';
import { NO_EFFECT, rideOn } from '../care/model/ride';
import { rodeOn, standOn } from '../care/model/stand';
import { wetClock } from '../care/verdict/clocks';
import { workOn } from '../care/model/work';
import type { Factors } from '../care/model/personal';
import { Chance } from '../chance/chance';
import { LUBE_CLASSES } from '../lube/classes';
import type { CleaningHabit } from '../records/wishes';
import { MS_PER_HOUR } from '../units/convert';
import { STORAGE_AIR, type Air } from '../weather/drying';
import { worksWith, type Works } from '../years/works';
import type { Candidate } from './candidate';
import { exposureFor, hoursBetweenRides } from './profile';
import type { SeasonPlan } from './season';

/** Days between two cleans by the calendar; null: when it is due. */
const CLEAN_EVERY_DAYS: Record<CleaningHabit, number | null> = {
  due: null,
  weekly: 7,
  fortnightly: 14,
  monthly: 30,
};

/** Totals over the futures of a season. */
export interface Sums {
  km: number;
  coats: number;
  cleans: number;
  minutes: number;
  wear: number;
  watts: number;
  grit: number;
  rides: number;
  dry: number;
}

/** What a season is ridden with: the same in each of its futures. */
interface Season {
  c: Candidate;
  plan: SeasonPlan;
  wetShare: number;
  works: Works;
  /** How long a coat of this product lasts over one of its class. */
  own: number;
}

export function seasonOf(c: Candidate, plan: SeasonPlan, wetShare: number): Season {
  const works = worksWith(c.lubeClass, plan.between);
  const own = c.lifeKm === null ? 1 : c.lifeKm / LUBE_CLASSES[c.lubeClass].lifeKm;
  return { c, plan, wetShare, works, own };
}

/** One chain ridden and cared for through one future of a season. */
export class SeasonRidden {
  private readonly state: ChainState;
  private cogs = 0;
  private lastCoatKm = 0;
  private lastCleanMs = 0;
  private readonly effect = { ...NO_EFFECT };
  private readonly factors: Factors;
  private readonly air: Air;

  constructor(
    private readonly season: Season,
    private readonly future: number,
    private readonly sums: Sums,
    private readonly intervals: number[],
  ) {
    const { c, plan, own } = season;
    const nature = new Chance(plan.seed, future, 1);
    this.factors = {
      life: c.own.life * Math.exp(c.own.lifeSigma * nature.normal()),
      grit: c.own.grit * Math.exp(c.own.gritSigma * nature.normal()),
      wear: 1,
    };
    this.air = STORAGE_AIR[plan.storage];
    const fresh = { kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0 } as const;
    this.state = startState({ lube: c.lubeClass, ...fresh }, 0);
    this.state.lifeKm *= own;
  }

  /** Film a usual ride takes, by distance and water. */
  private usualLoss(): number {
    const { c, plan, wetShare, own } = this.season;
    const usual = exposureFor(plan.profile, wetShare);
    const { lifeKm, washPerMm } = LUBE_CLASSES[c.lubeClass];
    return usual.km / (lifeKm * own * this.factors.life) + washPerMm * usual.waterMm;
  }

  private work({ spec, depth }: Proposal): void {
    this.cogs = workOn(this.state, this.cogs, spec, { air: this.air });
    this.sums.minutes += meanMinutes(depth);
  }

  private coat(by: Proposal): void {
    this.work(by);
    const { state } = this;
    state.at = Math.max(state.at, state.setAt);
    state.lifeKm *= this.season.own;
    this.sums.coats += 1;
    this.intervals.push(state.km - this.lastCoatKm);
    this.lastCoatKm = state.km;
  }

  private clean(): void {
    this.coat(this.season.works.clean);
    this.sums.cleans += 1;
    this.lastCleanMs = this.state.at;
  }

  private recoat(): void {
    const { plan, works } = this.season;
    const wax = works.clean.depth === 'wax reset';
    if (plan.oldCoat === 'clean') this.clean();
    else if (plan.oldCoat === 'flush' && !wax)
      this.coat({ ...works.topUp, spec: { ...works.topUp.spec, method: 'flush and wipe' } });
    else this.coat(works.topUp);
  }

  /** Dries what would rust before it is dry by itself, and lubes it anew. */
  private rescue(): void {
    const { rescue } = this.season.works;
    if (rescue.spec.lube) this.coat(rescue);
    else this.work(rescue);
  }

  private ride(n: number): void {
    const { plan, wetShare } = this.season;
    const { state, sums, effect } = this;
    const chance = new Chance(plan.seed, this.future, n, 2);
    const x = exposureFor(plan.profile, wetOf(wetShare, chance), chance.gamma(RAIN_SHAPE));
    const before = extraWatts(state);
    const wearBefore = state.wear;
    this.cogs = rideOn(state, this.cogs, x, { factors: this.factors, effect });
    rodeOn(state, x, this.air);
    sums.watts +=
      (before + extraWatts(state)) / 2 + LUBE_CLASSES[this.season.c.lubeClass].frictionW;
    sums.grit += state.outside;
    sums.wear += state.wear - wearBefore;
    sums.km += x.km;
    sums.rides += 1;
    if (effect.dryKm > 0) sums.dry += 1;
  }

  /** Rides and cares for the chain to the end of the season. */
  through(): void {
    const { plan, works } = this.season;
    const { profile, habit, weeks } = plan;
    const limits = STANDARDS[plan.standard];
    const gapMs = hoursBetweenRides(profile) * MS_PER_HOUR;
    const everyMs = (CLEAN_EVERY_DAYS[habit] ?? Infinity) * 24 * MS_PER_HOUR;
    const usualLoss = this.usualLoss();
    const rides = Math.max(1, Math.round(weeks * profile.ridesPerWeek));
    for (let n = 0; n < rides; n++) {
      const start = this.state.at;
      this.ride(n);
      if (wetClock(this.state).fired) this.rescue();
      standOn(this.state, start + gapMs, this.air);
      const isTime = this.state.at - this.lastCleanMs >= everyMs;
      if (this.state.inside > limits.inside || isTime) this.clean();
      else if (this.state.film - usualLoss < CARE.reserve.value) this.recoat();
      else if (this.state.outside > limits.outside) this.work(works.wipe);
    }
  }
}

/** Rain of a wet ride varies as wet days do: gamma, shape as in the fitted climate. */
const RAIN_SHAPE = 0.73;

/** The wet share of one ride: dry, or wet for half of it to all, so that the mean is the season's. */
function wetOf(mean: number, chance: Chance): number {
  const whether = chance.uniform();
  const how = chance.uniform();
  if (mean > 0.75) return 2 * mean - 1 + how * (2 - 2 * mean);
  return whether < mean / 0.75 ? 0.5 + how * 0.5 : 0;
}
