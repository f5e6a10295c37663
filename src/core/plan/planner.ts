import { agendaOf, type AgendaItem } from './agenda/agenda';
import { morningCoat, nextRide, type MorningCoat, type NextRide } from './agenda/beforeRide';
import { minutesOfDays } from './agenda/benches';
import { weathersFor, type WeatherToCome } from './agenda/weathers';
import { addCosts, spreadOf, type Costs, type CostSpread } from './simulate/costs';
import { daysAfter, type DateText } from '../time/dates';
import { hourOf } from '../weather/hours';
import { dateOf } from '../time/zones';
import { givesWay, type GivesWay } from './agenda/givesWay';
import { planBike, type BikePlan } from './simulate/planBike';
import { meanTotal } from './simulate/search';
import type { Days } from './simulate/policies';
import type { BikeProblem } from './solver/problem';
import { problemOf } from './agenda/problemOf';
import { worksFor } from './agenda/works';
import type { BikeNow, PlanRequest } from './agenda/request';
import { minutesOf } from './solver/rules';
import { KeptForPlans } from './kept';

/** A day of the plan: the minutes free on it and those the jobs take. */
export interface PlanDay {
  date: DateText;
  minutes: number;
  taken: number;
}

/** A plan in figures; `words/planAnswer.ts` says it. */
export interface PlanFigures {
  agenda: AgendaItem[];
  days: PlanDay[];
  /** All bikes together, over the same futures. */
  plan: CostSpread;
  routine: CostSpread;
  nothing: CostSpread;
  /** What the rider's own marks on the plan add to it; null where there are none. */
  marksCost: number | null;
  /** Thin coats in the morning, and the next ride of each bike that has one soon. */
  mornings: MorningCoat[];
  next: Record<string, NextRide>;
  /** What is in the way of a better plan. */
  notes: GivesWay[];
  forecast: boolean;
}

interface Planned {
  problems: BikeProblem[];
  plans: BikePlan[];
  days: Days[];
}

/** Called with how much is done, 0 to 1, and awaited; what it throws ends the work. */
export type Progress = (share: number) => void | Promise<void>;

/** A bike's plan with the days it was made for. */
interface Placed {
  plan: BikePlan;
  days: Days;
}

/** Whether a bike has a job on a day for which gloves and stand are got out. */
const getsThemOut = ({ plan, days }: Placed, day: number): boolean =>
  !days.shared[day] && plan.jobs.some((j) => j.day === day);

/** Minutes left and evenings shared, for one bike beside the jobs of the others. */
function besides(minutes: readonly number[], others: readonly Placed[]): Days {
  const left = [...minutes];
  const used: Record<string, number> = {};
  for (const { plan, days } of others)
    for (const { day, work } of plan.jobs) {
      const taken = minutesOf(work, days.shared[day] ?? false);
      left[day] = Math.max(0, (left[day] ?? 0) - taken);
      if (work.bottleId !== null) used[work.bottleId] = (used[work.bottleId] ?? 0) + 1;
    }
  const shared = minutes.map((_, day) => others.some((o) => getsThemOut(o, day)));
  return { minutes: left, shared, used };
}

/** Whether every job that counts on gloves and stand being out still finds them so. */
const holds = (placed: readonly Placed[]): boolean =>
  placed.every(({ plan, days }) =>
    plan.jobs.every(({ day }) => !days.shared[day] || placed.some((o) => getsThemOut(o, day))),
  );

/**
 * Plans every bike, one after the other, each in the minutes the others leave; then once more the first
 * ones, beside what the later ones chose, since gloves and stand that are out serve two bikes. `found`: plans made
 * for the same bikes, whose jobs are tried too.
 */
async function planBikes(
  request: PlanRequest,
  progress: Progress,
  kept: KeptForPlans,
  found: readonly BikePlan[] = [],
): Promise<Planned> {
  const minutes = minutesOfDays(request);
  const { plan } = request.settings;
  const problems: BikeProblem[] = [];
  let done = 0;
  const onDone = () => progress((done += 1) / (2 * request.bikes.length));
  let placed: Placed[] = [];
  for (const [n, bike] of request.bikes.entries()) {
    const asked = problemOf(request, bike, weathersOf(request, bike, kept), worksKept(kept));
    // A plan kept holds to the works of the problem it was made for.
    const problem = kept.problems.of(asked, () => asked);
    const days = besides(minutes, placed);
    problems.push(problem);
    const jobs = found[n]?.jobs;
    const own = kept.bikes.of({ problem, plan, days, jobs }, () =>
      planBike(problem, plan, days, jobs ? { jobs } : {}),
    );
    placed.push({ plan: own, days });
    await onDone();
  }
  for (const [n, problem] of problems.slice(0, -1).entries()) {
    const before = placed[n] as Placed;
    const days = besides(
      minutes,
      placed.filter((p) => p !== before),
    );
    const { values } = before.plan;
    const other = kept.bikes.of({ problem, plan, days, first: before.days }, () =>
      planBike(problem, plan, days, { values }),
    );
    const again = { plan: other, days };
    const next = placed.map((p) => (p === before ? again : p));
    const cheaper = meanTotal(again.plan.plan) < meanTotal(before.plan.plan) - 1e-9;
    if (cheaper && holds(next)) placed = next;
    await onDone();
  }
  return { problems, plans: placed.map((p) => p.plan), days: placed.map((p) => p.days) };
}

/** Returns the futures of a bike's weather; bikes that stand in one place share them. */
function weathersOf(
  request: PlanRequest,
  bike: BikeNow,
  { weathers }: KeptForPlans,
): WeatherToCome[] {
  const { place, road, forecast } = bike;
  const { seed, now, futures, whatIf, settings } = request;
  const rests = [seed, hourOf(now), futures, whatIf, settings.plan.days, place, road, forecast];
  return weathers.of(rests, () => weathersFor(request, bike));
}

/** Finds what may be done to a bike among what is kept. */
const worksKept =
  ({ works }: KeptForPlans): typeof worksFor =>
  (request, now, coats) => {
    const { products, left, settings } = request;
    const { bike, chain, state, cogs, openings, own, factors } = now;
    const rests = [
      coats,
      products,
      left,
      settings,
      bike,
      chain,
      state,
      cogs,
      openings,
      own,
      factors,
    ];
    return works.of(rests, () => worksFor(request, now, coats));
  };

/** Returns the costs of all bikes together, future by future. */
const together = (bikes: readonly (readonly Costs[])[]): CostSpread =>
  spreadOf((bikes[0] ?? []).map((_, k) => addCosts(bikes.flatMap((b) => b[k] ?? []))));

const totalOf = (plans: readonly BikePlan[]): number =>
  plans.reduce((sum, p) => sum + meanTotal(p.plan), 0);

/** Returns the plan for all bikes: jobs on dates, their costs, and those of the routine. `kept`: what plans before left. */
export async function makePlan(
  request: PlanRequest,
  progress: Progress,
  kept = new KeptForPlans(),
): Promise<PlanFigures> {
  const isMarked = request.marks.length > 0;
  const { problems, plans, days } = await planBikes(
    request,
    isMarked ? (share) => progress(share / 2) : progress,
    kept,
  );
  const agenda = problems.flatMap((problem, n) => {
    const [bike, plan, own] = [request.bikes[n], plans[n], days[n]];
    return bike && plan && own ? agendaOf(problem, bike, plan, own) : [];
  });
  agenda.sort((a, b) => a.from - b.from || a.bikeName.localeCompare(b.bikeName));
  const unmarked = { ...request, marks: [] };
  const free = isMarked
    ? await planBikes(unmarked, (share) => progress((1 + share) / 2), kept, plans)
    : null;
  return {
    agenda,
    days: daysOf(request, agenda),
    plan: together(plans.map((p) => p.plan)),
    routine: together(plans.map((p) => p.routine)),
    nothing: together(plans.map((p) => p.nothing)),
    // A plan found with the marks could be had without them too: what they cost is never less than nothing.
    marksCost: free ? Math.max(0, totalOf(plans) - totalOf(free.plans)) : null,
    ...beforeRides(request, problems, agenda),
    notes: givesWay(request, problems, plans),
    forecast: request.bikes.some((b) => b.forecast !== null),
  };
}

/** What each bike wants just before a ride. */
function beforeRides(
  request: PlanRequest,
  problems: readonly BikeProblem[],
  agenda: readonly AgendaItem[],
): Pick<PlanFigures, 'mornings' | 'next'> {
  const mornings: MorningCoat[] = [];
  const next: Record<string, NextRide> = {};
  for (const [n, bike] of request.bikes.entries()) {
    const jobs = agenda.filter((a) => a.bikeId === bike.bike.id);
    const coat = morningCoat(request, bike, jobs);
    if (coat) mornings.push(coat);
    const problem = problems[n];
    const ride = problem && nextRide(request, problem, { bike, jobs });
    if (ride) next[bike.bike.id] = ride;
  }
  return { mornings, next };
}

/** The days of the plan with what is free on each and what its jobs take. */
const daysOf = (request: PlanRequest, agenda: readonly AgendaItem[]): PlanDay[] =>
  minutesOfDays(request).map((minutes, day) => {
    const date = daysAfter(dateOf(request.now, request.zone), day);
    const onIt = agenda.filter((a) => a.date === date);
    return { date, minutes, taken: onIt.reduce((sum, a) => sum + a.minutes, 0) };
  });
