import { meanMinutes } from '../care/verdict/proposal';
import { extraWatts, NEW_CHAIN, startState, type ChainState } from '../care/model/state';
import { NO_EFFECT, rideOn } from '../care/model/ride';
import { rodeOn, standOn, wetOn } from '../care/model/stand';
import { workOn } from '../care/model/work';
import type { Factors } from '../care/model/personal';
import { Chance } from '../chance/chance';
import { LUBE_CLASSES } from '../lube/classes';
import { MS_PER_DAY, MS_PER_HOUR } from '../units/convert';
import { CHAINS_A_LIFE, chainsTaken } from '../wear/parts';
import { NOTHING_YET, type Outcome } from './outcome';
import type { Leg } from './course';
import { CALENDAR, dueBefore, replacedAt, type Regime } from './regimes';
import type { Works } from './works';

/** What a course is played with. */
export interface Played {
  regime: Regime;
  works: Works;
  /** Wear limit of the bike's chains, %. */
  limit: number;
  /** How this future differs from the handbook. */
  nature: Factors;
  /** Log-normal sigma of how fast one chain wears beside another, and the seed of their draws. */
  chainSigma: number;
  seed: number;
  /** The chain as it is and the grit on the cogs; null: a new one. */
  start: { state: ChainState; cogs: number } | null;
}

/** Hours after a ride at which the rider is at the bench. */
const EVENING_H = 2;
/** A chain wet for longer after a ride stands wet through the night. */
const NIGHT_H = 6;
/** Rounds of the calendar are on Sundays, at this hour, UTC. */
const ROUND_H = 18;
/** The first Sunday of 1970, days since 1970. */
const A_SUNDAY = 3;

/** The first round after a moment, ms. */
function firstRound(after: number): number {
  const base = A_SUNDAY * MS_PER_DAY + ROUND_H * MS_PER_HOUR;
  const week = 7 * MS_PER_DAY;
  return base + (Math.floor((after - base) / week) + 1) * week;
}

/** One chain after another through one future of a regime. */
class Future {
  readonly outcome: Outcome = { ...NOTHING_YET };
  private state: ChainState;
  private cogs: number;
  private chainsUsed = 0;
  private kmAtWipe = 0;
  private rounds = 0;
  private nextRound: number;
  private factors: Factors;
  private readonly effect = { ...NO_EFFECT };
  private readonly replaceAt: number;

  constructor(
    private readonly p: Played,
    first: number,
  ) {
    const { start, regime, limit } = p;
    this.replaceAt = replacedAt(regime.name, limit);
    this.state = start
      ? { ...start.state, at: Math.min(start.state.at, first) }
      : this.newChain(first);
    this.cogs = start?.cogs ?? 0;
    this.factors = this.chainFactors();
    const calendar = CALENDAR[regime.name];
    this.nextRound = calendar ? firstRound(first) : Infinity;
  }

  private newChain(at: number): ChainState {
    const lube = this.p.regime.name === 'never' ? NEW_CHAIN.lube : this.p.regime.lube;
    return startState({ ...NEW_CHAIN, lube, wearPercent: 0 }, at);
  }

  /** Each chain wears at its own pace; that of the one that is on is in the future's nature already. */
  private chainFactors(): Factors {
    const { nature, chainSigma, seed, start } = this.p;
    if (start && this.chainsUsed === 0) return nature;
    const chance = new Chance(seed, this.chainsUsed, 17);
    return { ...nature, wear: nature.wear * Math.exp(chainSigma * chance.normal()) };
  }

  private do(name: keyof Works, air: Leg['air']): void {
    const { outcome } = this;
    const { spec, depth } = this.p.works[name];
    this.cogs = workOn(this.state, this.cogs, spec, { air });
    outcome.minutes += meanMinutes(depth);
    if (name === 'clean') outcome.cleans += 1;
    if (name === 'wipe') outcome.wipes += 1;
    if (spec.lube) outcome.coats += 1;
    this.kmAtWipe = this.state.km;
  }

  /** The rounds of the calendar until a ride; where nothing was ridden since the last, it is left out. */
  private roundsUntil({ at, air }: Leg): void {
    const calendar = CALENDAR[this.p.regime.name];
    if (!calendar) return;
    for (; this.nextRound <= at; this.nextRound += calendar.days * MS_PER_DAY) {
      if (this.state.kmSinceLube <= 0) continue;
      standOn(this.state, this.nextRound, air);
      this.rounds += 1;
      this.do(this.rounds % calendar.cleanEvery === 0 ? 'clean' : 'topUp', air);
    }
  }

  private standUntil(leg: Leg): void {
    const { state } = this;
    if (leg.stoodMm > 0) {
      standOn(state, (state.at + leg.at) / 2, leg.air);
      wetOn(state, leg.stoodMm, leg.air);
    }
    const gapH = (leg.at - state.at) / MS_PER_HOUR;
    if (state.wetLeftH > NIGHT_H && gapH > NIGHT_H)
      this.outcome.wetNights += Math.ceil(Math.min(state.wetLeftH, gapH) / 24);
  }

  ride(leg: Leg): void {
    const { regime } = this.p;
    this.roundsUntil(leg);
    const kmSinceWipe = this.state.km - this.kmAtWipe;
    const due = dueBefore(regime, { state: this.state, next: leg, kmSinceWipe });
    if (due) {
      standOn(this.state, Math.min(leg.at, this.state.at + EVENING_H * MS_PER_HOUR), leg.air);
      this.do(due, leg.air);
    }
    this.standUntil(leg);
    standOn(this.state, leg.at, leg.air);
    this.rideOn(leg);
    if (this.state.wear >= this.replaceAt) this.replace(leg.at + leg.x.hours * MS_PER_HOUR);
  }

  private rideOn({ x, air }: Leg): void {
    const { state, outcome, effect } = this;
    const before = extraWatts(state);
    const worn = state.wear;
    this.cogs = rideOn(state, this.cogs, x, { factors: this.factors, effect });
    rodeOn(state, x, air);
    const friction = state.lube ? LUBE_CLASSES[state.lube].frictionW : 0;
    outcome.km += x.km;
    outcome.hours += x.hours;
    outcome.dryKm += effect.dryKm;
    outcome.wattHours += ((before + extraWatts(state)) / 2 + friction) * x.hours;
    const by = state.wear - worn;
    outcome.chains += by / this.replaceAt;
    const taken = chainsTaken(worn, by, this.p.limit);
    outcome.cassettes += taken / CHAINS_A_LIFE.cassette.chains;
    outcome.rings += taken / CHAINS_A_LIFE.ring.chains;
    outcome.jockeys += taken / CHAINS_A_LIFE['jockey wheels'].chains;
  }

  private replace(at: number): void {
    this.chainsUsed += 1;
    this.state = this.newChain(at);
    this.factors = this.chainFactors();
    this.kmAtWipe = this.state.km;
    const wax = this.p.works.topUp.depth === 'wax reset';
    this.outcome.minutes += meanMinutes('swap') + (wax ? meanMinutes('new-chain strip') : 0);
  }
}

/** What a course comes to under a regime, in one future. An empty course comes to nothing. */
export function play(course: Iterable<Leg>, first: number, p: Played): Outcome {
  const future = new Future(p, first);
  for (const leg of course) future.ride(leg);
  return future.outcome;
}
