import { agendaOf, type AgendaEntry } from './agenda';
import { minutesOfDays, weathersFor } from './benches';
import type { CalendarJob } from '../formats/calendarOut';
import { calendarOf } from './calendarJobs';
import { addCosts, spreadOf, type Costs, type CostSpread } from './costs';
import { daysAfter, type DateText } from './dates';
import { dateOf } from './days';
import { givesWay, type GivesWay } from './givesWay';
import { meanTotal, planBike, type BikePlan } from './planBike';
import type { Days } from './policies';
import type { BikeProblem } from './problem';
import { problemOf } from './problemOf';
import type { BikeNow, PlanRequest } from './request';
import { minutesOf } from './rules';
import {
  againstSentence,
  marksSentence,
  nextJobLine,
  noteSentence,
  routineName,
  wordsOf,
} from './sentences';

/** A day of the plan: the minutes free on it and those the jobs take. */
export interface PlanDay {
  date: DateText;
  minutes: number;
  taken: number;
}

export interface PlanAnswer {
  agenda: AgendaEntry[];
  days: PlanDay[];
  /** All bikes together, over the same futures. */
  plan: CostSpread;
  routine: CostSpread;
  nothing: CostSpread;
  /** What the rider's own marks on the plan add to it; null where there are none. */
  marksCost: number | null;
  /** What is in the way, what the marks cost, and the plan against the routine, for the rider to read. */
  notes: { name: GivesWay['name']; text: string }[];
  marks: string | null;
  against: string;
  routineName: string;
  /** The next job of each bike in a line, for Today. */
  lines: Record<string, string>;
  forecast: boolean;
  /** Entries of a calendar file: the jobs, and those that were in one before and are no more. */
  calendar: CalendarJob[];
  /** How many jobs of each chain the calendar file speaks of. */
  calendarCounts: Record<string, number>;
}

type Weathers = ReturnType<typeof weathersFor>;

interface Planned {
  problems: BikeProblem[];
  plans: BikePlan[];
  days: Days[];
}

/** Tells how much is done, 0 to 1, and may stop the work. */
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
 * ones, beside what the later ones chose, since gloves and stand that are out serve two bikes.
 */
async function planBikes(request: PlanRequest, progress: Progress): Promise<Planned> {
  const minutes = minutesOfDays(request);
  const { plan } = request.settings;
  const problems: BikeProblem[] = [];
  let placed: Placed[] = [];
  const weathers = new Map<string, Weathers>();
  for (const [n, bike] of request.bikes.entries()) {
    const problem = problemOf(request, bike, weathersOf(request, bike, weathers));
    const days = besides(minutes, placed);
    problems.push(problem);
    placed.push({ plan: planBike(problem, plan, days), days });
    await progress((n + 1) / (request.bikes.length + 1));
  }
  for (const [n, problem] of problems.slice(0, -1).entries()) {
    const before = placed[n] as Placed;
    const days = besides(
      minutes,
      placed.filter((p) => p !== before),
    );
    const again = { plan: planBike(problem, plan, days, before.plan.values), days };
    const next = placed.map((p) => (p === before ? again : p));
    const cheaper = meanTotal(again.plan.plan) < meanTotal(before.plan.plan) - 1e-9;
    if (cheaper && holds(next)) placed = next;
  }
  return { problems, plans: placed.map((p) => p.plan), days: placed.map((p) => p.days) };
}

/** The weathers of a bike: those of another that stands in the same place are its own. */
function weathersOf(request: PlanRequest, bike: BikeNow, known: Map<string, Weathers>): Weathers {
  const { place, road, forecast } = bike;
  const key = JSON.stringify([place, road, forecast?.from, forecast?.hours.length]);
  const found = known.get(key) ?? weathersFor(request, bike);
  known.set(key, found);
  return found;
}

/** Future by future, the bikes together. */
const together = (bikes: readonly (readonly Costs[])[]): CostSpread =>
  spreadOf((bikes[0] ?? []).map((_, k) => addCosts(bikes.flatMap((b) => b[k] ?? []))));

const totalOf = (plans: readonly BikePlan[]): number =>
  plans.reduce((sum, p) => sum + meanTotal(p.plan), 0);

/** The plan for all bikes: jobs on dates, what they come to, and what the routine would. */
export async function makePlan(request: PlanRequest, progress: Progress): Promise<PlanAnswer> {
  const { problems, plans, days } = await planBikes(request, progress);
  const agenda = problems.flatMap((problem, n) => {
    const [bike, plan, own] = [request.bikes[n], plans[n], days[n]];
    if (!bike || !plan || !own) return [];
    return agendaOf(problem, bike, plan, own).map((item) => ({
      ...item,
      words: wordsOf(item, request.settings.units, request.zone),
    }));
  });
  agenda.sort((a, b) => a.from - b.from || a.bikeName.localeCompare(b.bikeName));
  const today = dateOf(request.now, request.zone);
  const minutes = minutesOfDays(request);
  const free =
    request.marks.length > 0 ? await planBikes({ ...request, marks: [] }, () => undefined) : null;
  const marksCost = free ? totalOf(plans) - totalOf(free.plans) : null;
  const plan = together(plans.map((p) => p.plan));
  const routine = together(plans.map((p) => p.routine));
  const lines: Record<string, string> = {};
  for (const item of agenda) lines[item.bikeId] ??= nextJobLine(item, today, request.zone);
  return {
    agenda,
    days: minutes.map((m, d) => {
      const date = daysAfter(today, d);
      const taken = agenda.reduce((sum, a) => sum + (a.date === date ? a.minutes : 0), 0);
      return { date, minutes: m, taken };
    }),
    plan,
    routine,
    nothing: together(plans.map((p) => p.nothing)),
    marksCost,
    notes: givesWay(request, problems, plans).map((note) => ({
      name: note.name,
      text: noteSentence(note, request.settings.units),
    })),
    marks: marksCost === null ? null : marksSentence(marksCost),
    against: againstSentence(
      plan.mean,
      routine.mean,
      request.settings.plan.routine,
      request.settings.units,
    ),
    routineName: routineName(request.settings.plan.routine),
    lines,
    ...calendarOf(request, agenda),
    forecast: request.bikes.some((b) => b.forecast !== null),
  };
}
