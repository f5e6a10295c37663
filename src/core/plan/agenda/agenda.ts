import { mean } from 'simple-statistics';
import { CARE } from '../../care/model/constants';
import type { Depth } from '../../records/kinds';
import type { DateText } from '../../time/dates';
import type { Done } from '../simulate/future';
import type { BikePlan } from '../simulate/planBike';
import type { PlannedJob } from '../simulate/sequences';
import type { Days } from '../simulate/policies';
import type { BenchSlot, BikeProblem } from '../solver/problem';
import { changesOf, type LubeChange } from './changes';
import { kmBefore, putOffOf, type PutOff } from './putOff';
import type { BikeNow } from './request';
import { minutesOf, readyHours, startBy } from '../solver/rules';

/** Why a job falls on its day: the first of these that holds. */
type ReasonName =
  | 'pinned'
  | 'race'
  | 'wet'
  | 'film'
  | 'rain'
  | 'inside'
  | 'outside'
  | 'cap'
  | 'no time later'
  | 'cheapest'
  | 'routine';

/** A job on a date, with everything a rider asks about it. */
export interface AgendaItem {
  /** The same from plan to plan: the chain, and the number of the job among those of its chain. */
  id: string;
  bikeId: string;
  bikeName: string;
  chainId: string;
  date: DateText;
  depth: Depth;
  lubeName: string | null;
  bottleId: string | null;
  changes: LubeChange | null;
  minutes: number;
  /** When the evening begins, and the latest start so that the chain is ready for the next ride; ms. */
  from: number;
  startBy: number | null;
  readyBy: number | null;
  readyHours: number;
  reason: ReasonName;
  /** Means over the futures before it: film left, grit, the chance of coming home wet and of rain on the rides after. */
  film: number;
  outside: number;
  inside: number;
  wet: number;
  rain: number;
  /** Share of the futures in which the plan, re-formed from day to day, does such a job within a day of it or before the same ride. */
  confidence: number;
  /** What it costs on average to leave it for a week. */
  putOff: PutOff;
  /** Km of rides before it, for the tape. */
  afterKm: number;
  pinned: boolean;
  /** No evening before it has the minutes for it. */
  noTimeBefore: boolean;
  /** The race it prepares for, and whether nobody rides in between: a short ride shakes it out. */
  race: DateText | null;
  shakeOut: boolean;
}

/** Days after a job within which rain counts as its reason, and how likely it must be. */
const RAIN_DAYS = 3;
const RAIN_LIKELY = 0.5;
/** Water on a ride worth speaking of, mm. */
export const WETTING_MM = 0.5;
/** Days before a race that count as preparing for it. */
const RACE_DAYS = 4;

/** Returns the mean over the futures; 0 of none, where no job is planned. */
const meanOf = (list: readonly number[]): number => (list.length > 0 ? mean([...list]) : 0);

/** The jobs of a bike's plan as the rider reads them. */
export function agendaOf(
  problem: BikeProblem,
  now: BikeNow,
  plan: BikePlan,
  days: Days,
): AgendaItem[] {
  return plan.jobs.flatMap((job, n) => {
    const bench = problem.benches[job.day];
    if (!bench) return [];
    const before = plan.held.flatMap((done) => done.find((d) => d.day === job.day) ?? []);
    const race = raceAfter(problem, job.day);
    const rain = rainAfter(problem, job.day);
    const readings = {
      film: meanOf(before.map((d) => d.film)),
      outside: meanOf(before.map((d) => d.outside)),
      inside: meanOf(before.map((d) => d.inside)),
      wet: meanOf(before.map((d) => Number(d.wet))),
    };
    const { work } = job;
    const wet = readings.wet >= 0.5 && work.depth === 'top-up';
    return [
      {
        id: `${problem.chainId}-${now.jobsDone + n + 1}`,
        bikeId: problem.bikeId,
        bikeName: problem.bikeName,
        chainId: problem.chainId,
        date: bench.date,
        depth: wet ? 'rescue' : work.depth,
        lubeName: work.lubeName,
        bottleId: work.bottleId,
        changes: changesOf(problem, plan.jobs, job),
        minutes: minutesOf(work, days.shared[job.day] ?? false),
        from: bench.from,
        startBy: startBy(work, bench),
        readyBy: bench.nextRideAt,
        readyHours: readyHours(work, bench.air),
        reason: reasonOf({ problem, plan, job, days, at: readings, rain, race }),
        ...readings,
        rain,
        confidence: confidenceOf(problem, plan, job),
        putOff: putOffOf(problem, plan, job, days),
        afterKm: kmBefore(problem, job.day),
        pinned: bench.mark !== null && bench.mark !== 'leave',
        noTimeBefore: isFirstWithTime(days.minutes, job.day, work.handsOn),
        race: race?.date ?? null,
        shakeOut: race !== null && work.deep && !race.ridden,
      },
    ];
  });
}

/** Whether no evening before a day has the minutes for a work, and there is one. */
export const isFirstWithTime = (
  minutes: readonly number[],
  day: number,
  handsOn: number,
): boolean => day > 0 && minutes.slice(0, day).every((free) => free < handsOn);

/** The race within a few days of a job, and whether the bike is ridden in between. */
function raceAfter(problem: BikeProblem, day: number): { date: DateText; ridden: boolean } | null {
  let ridden = false;
  for (let d = day; d < Math.min(day + RACE_DAYS, problem.benches.length); d++)
    for (const ride of problem.benches[d]?.rides ?? []) {
      if (ride.weight === 'race') return { date: ride.date, ridden };
      ridden = true;
    }
  return null;
}

/** Share of the futures in which the rides of the days after a job get wet. */
function rainAfter({ benches, natures }: BikeProblem, day: number): number {
  const rides = benches.slice(day, day + RAIN_DAYS).flatMap((b) => b.rides);
  const wet = natures.filter((_, k) =>
    rides.some((r) => (r.exposure[k]?.waterMm ?? 0) > WETTING_MM),
  );
  return wet.length / Math.max(1, natures.length);
}

/** Share of the futures in which the plan as it re-forms does the like about then. */
function confidenceOf({ benches }: BikeProblem, plan: BikePlan, { day, work }: PlannedJob): number {
  // Evenings with no ride between them are worth the same: which of them it is says nothing.
  const sameRide = (other: number) =>
    benches
      .slice(Math.min(day, other), Math.max(day, other))
      .every(({ rides }) => rides.length === 0);
  const alike = (d: Done) =>
    (Math.abs(d.day - day) <= 1 || sameRide(d.day)) &&
    (d.work.coat === null) === (work.coat === null);
  return plan.free.filter((f) => f.done.some(alike)).length / Math.max(1, plan.free.length);
}

/** Share of a limit from which grit counts as having reached it. */
const NEARLY = 0.75;

interface ReasonFacts {
  problem: BikeProblem;
  plan: BikePlan;
  job: PlannedJob;
  days: Days;
  at: Pick<AgendaItem, 'film' | 'outside' | 'inside' | 'wet'>;
  rain: number;
  race: { date: DateText } | null;
}

function reasonOf({ problem, plan, job, days, at, rain, race }: ReasonFacts): ReasonName {
  const { day, work } = job;
  const bench = problem.benches[day] as BenchSlot;
  if (bench.mark !== null) return 'pinned';
  if (plan.basis === 'routine') return 'routine';
  if (race && work.deep) return 'race';
  if (at.wet >= 0.5) return 'wet';
  const next = problem.benches[day + 1];
  const cap = problem.capDays;
  if (work.deep && cap !== null && at.inside < NEARLY * problem.limits.inside) return 'cap';
  if (work.coat !== null && at.film < 2 * CARE.reserve.value) return 'film';
  if (work.deep && at.inside >= NEARLY * problem.limits.inside) return 'inside';
  if (work.coat !== null && rain >= RAIN_LIKELY && at.film < 0.7) return 'rain';
  if (at.outside >= NEARLY * problem.limits.outside) return 'outside';
  if (next && (days.minutes[day + 1] ?? 0) < work.handsOn) return 'no time later';
  return 'cheapest';
}
