import { Chance } from '@/core/chance/chance';
import { exposureOf, ridingHours, type Exposure } from '@/core/care/model/exposure';
import { Replay } from '@/core/care/replay/replay';
import { skyOf } from '@/core/care/model/sky';
import type { PlainEvent, RideLogged } from '@/core/records/event';
import type { WeatherWord } from '@/core/records/kinds';
import { LUBE_CLASSES, type LubeClass } from '@/core/lube/classes';
import type { Trial } from '@/core/records/trial';
import type { Arm } from '@/core/records/trialKinds';
import { dueArm } from '@/core/trials/due';
import { coatsSince } from '@/core/trials/coats';
import { coatsOf } from '@/core/trials/judged';
import { answerOf, type Answer } from '@/core/trials/answer';
import { askedOf, trialReport, type TrialReport } from '@/core/trials/report';
import type { Evidence } from '@/core/trials/evidence';
import { WeatherRecord } from '@/core/weather/record';
import { TEST_GARAGE } from './arbitraries';
import { fittedBody, rideBody, workBody, type Body } from './events';

/**
 * Made-up riders who try two habits: their coats wear by equations of their own, written here, with a truth that is known.
 * They ride, hear the squeak at the end of the ride in which a coat is spent, and put on the next as the trial says.
 */
export interface TrialRider {
  seed: number;
  /** How many times as long a coat lasts by A as by B. */
  ratio: number;
  /** Log-normal sigma from coat to coat. */
  sigma: number;
  /** What habit and scatter act on: how much lube got in, or only what distance takes of it. */
  acts?: 'on the whole coat' | 'on distance';
  careFor: number;
  coatsAnArm: number;
  /** Weather of each habit's coats: drawn for all alike, or one of them always wet. */
  weather?: 'same' | 'A in the wet';
}

const START = Date.parse('2026-01-01T08:00:00.000Z');
const DAY = 86_400_000;
const LUBE: LubeClass = 'all-weather';
/** One squeak in so many coats comes from elsewhere; one in so many is heard a ride later. */
const ELSEWHERE = 0.05;
const HEARD_LATE = 0.1;
const RIDE_KM = 28;
/** A rider gives up after so many rides. */
const MOST_RIDES = 4000;

const instant = (day: number, minute: number) =>
  new Date(START + day * DAY + minute * 60_000).toISOString();
/** An event with an id that grows with its moment. */
const written = (body: Body): PlainEvent => {
  const id = `e${String((Date.parse(body.at) - START) / 60_000).padStart(9, '0')}`;
  return { ...body, id, zone: 'UTC', recordedAt: body.at } as PlainEvent;
};

const rideOf = (day: number, weather: WeatherWord, km: number): RideLogged =>
  written(rideBody(instant(day, 0), 'b1', km, { durationH: km / 24, weather })) as RideLogged;

const workOf = (day: number, trialId: string, arm: Arm): PlainEvent =>
  written(
    workBody(instant(day, 2), 'c1', {
      method: 'solvent wipe',
      lube: { lubeClass: LUBE, coat: 1, wiped: true },
      depth: 'top-up',
      trial: { id: trialId, arm },
    }),
  );

const squeakOf = (day: number): PlainEvent =>
  written({ type: 'soundHeard', at: instant(day, 1), chainId: 'c1', sound: 'squeak' });

const exposed = (ride: RideLogged): Exposure => {
  const hours = ridingHours(ride);
  const sky = skyOf(ride, hours, new WeatherRecord(), undefined);
  return exposureOf(ride, hours, sky, { bike: TEST_GARAGE.bikes.b1, links: 114 });
};

/** A coat in truth: how much of a usual one got in, and times the life of what distance takes. */
interface TrueCoat {
  amount: number;
  times: number;
}
const trueCoat = (times: number, acts: TrialRider['acts']): TrueCoat =>
  acts === 'on distance' ? { amount: 1, times } : { amount: times, times: 1 };

/** What a ride and the days before it take of a coat in truth, by its own life. */
const takenBy = (x: Exposure, days: number, times: number): number => {
  const { lifeKm, washPerMm, idlePerWeek } = LUBE_CLASSES[LUBE];
  return (x.km * x.load) / (lifeKm * times) + washPerMm * x.waterMm + (idlePerWeek * days) / 7;
};

/** Spells of weather: a wet week comes after a wet one more often than not. */
function* spells(chance: Chance): Generator<WeatherWord> {
  let wet = false;
  for (;;) {
    wet = chance.uniform() < (wet ? 0.75 : 0.2);
    const word = wet ? (['damp', 'wet'] as const) : (['dry', 'dry', 'damp'] as const);
    yield chance.pick<WeatherWord>(word);
  }
}

export const trialOf = ({ seed, careFor, coatsAnArm }: TrialRider): Trial => ({
  id: `trial ${seed}`,
  bikeId: 'b1',
  question: { kind: 'own', ask: 'Which?', a: 'one', b: 'other' },
  measure: 'squeak',
  ragKm: 100,
  again: false,
  careFor,
  coatsAnArm,
  startedAt: new Date(START).toISOString(),
  endedAt: null,
  retired: false,
  changedAt: new Date(START).toISOString(),
});

/** What a trial came to, beside the truth. */
export interface TrialRun {
  report: TrialReport;
  /** The answer when it stopped, or its planned length was reached. */
  answer: Answer;
  /** How many times as many km a coat lasts by A as by B, in the same weather. */
  truth: number;
  coats: number;
}

/** Km in the same weather by one habit over the other: coats that vary not, begun at many rides of a year. */
function truthOf({ ratio, seed, acts }: TrialRider): number {
  const words = spells(new Chance(seed, 91));
  const rides = Array.from({ length: 300 }, (_, n) =>
    exposed(rideOf(n, words.next().value as WeatherWord, RIDE_KM)),
  );
  const kmOf = (by: number, from: number): number => {
    const { amount, times } = trueCoat(by, acts);
    let left = amount;
    for (let n = from; ; n++) {
      const x = rides[n % rides.length] as Exposure;
      const takes = takenBy(x, 2, times);
      if (takes >= left) return (n - from + left / takes) * RIDE_KM;
      left -= takes;
    }
  };
  let sum = 0;
  for (let from = 0; from < 200; from += 5)
    sum += Math.log(kmOf(Math.sqrt(ratio), from) / kmOf(1 / Math.sqrt(ratio), from));
  return Math.exp(sum / 40);
}

/** Rides a trial to its end. */
export function runTrial(rider: TrialRider): TrialRun {
  const { seed, ratio, sigma, acts, weather = 'same' } = rider;
  const trial = trialOf(rider);
  const chance = new Chance(seed, 90);
  const words = spells(new Chance(seed, 92));
  const own = Math.exp(0.2 * chance.normal());
  const replay = new Replay(TEST_GARAGE, [written(fittedBody(instant(0, 0), { lube: null }))]);
  const kept = new Map<string, Evidence>();
  let day = 1;
  let arm = dueArm(trial, []);
  const coat = (): TrueCoat => {
    replay.add([workOf(day, trial.id, arm)]);
    day += 1;
    const spread = chance.uniform() < ELSEWHERE ? 3 : 1;
    const by = own * ratio ** (arm === 'a' ? 0.5 : -0.5);
    return trueCoat(by * Math.exp(spread * sigma * chance.normal()), acts);
  };
  let { amount: left, times } = coat();
  for (let n = 0; n < MOST_RIDES; n++) {
    day += 2;
    const drawn = words.next().value as WeatherWord;
    const word = weather === 'same' ? drawn : arm === 'a' ? 'wet' : 'dry';
    const ride = rideOf(day, word, RIDE_KM * (0.6 + 0.8 * chance.uniform()));
    left -= takenBy(exposed(ride), 2, times);
    replay.add([ride]);
    if (left > 0 || chance.uniform() < HEARD_LATE) continue;
    replay.add([squeakOf(day)]);
    // What was worked out of a coat is kept: it is the same at each look.
    const coats = coatsOf(trial, coatsSince(replay, trial.startedAt)).map((c) => ({
      ...c,
      evidence: c.evidence && (kept.get(c.coat.work.id) ?? c.evidence),
    }));
    for (const c of coats) if (c.evidence) kept.set(c.coat.work.id, c.evidence);
    const of = (which: Arm) =>
      coats.flatMap((c) => (c.arm === which && c.evidence ? [c.evidence] : []));
    const answer = answerOf({ a: of('a'), b: of('b') }, askedOf(trial, 0));
    const full = Math.min(answer.coats.a, answer.coats.b) >= trial.coatsAnArm;
    if (answer.settled !== null || full)
      return {
        report: trialReport(trial, replay),
        answer,
        truth: truthOf(rider),
        coats: coats.length,
      };
    arm = dueArm(trial, coats);
    ({ amount: left, times } = coat());
  }
  throw new Error('A trial of the audit came to no end.');
}
