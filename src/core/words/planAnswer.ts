import type { GivesWay } from '../plan/agenda/givesWay';
import type { PlanFigures } from '../plan/planner';
import type { PlanRequest } from '../plan/agenda/request';
import { dateOf } from '../time/zones';
import { marksSentence, noteSentence, wordsOf, type AgendaEntry } from './plan';
import { againstSentence, routineName } from './planAgainst';
import { eveSentence, morningSentence, whyMorning, type MorningEntry } from './beforeRide';
import { planLine, type JobLine } from './planLine';
import { calendarOf, type CalendarJob } from './planCalendar';

/** A plan ready to be read: its figures, and everything it says. */
export interface PlanAnswer extends Omit<PlanFigures, 'agenda' | 'mornings' | 'notes'> {
  agenda: AgendaEntry[];
  mornings: MorningEntry[];
  /** What is in the way, what the marks cost, and the plan against the routine. */
  notes: { name: GivesWay['name']; text: string }[];
  marks: string | null;
  against: string;
  routineName: string;
  /** Bikes by name. */
  names: Record<string, string>;
  /** The next job of each bike, for Today. */
  lines: Record<string, JobLine>;
  /** Entries of a calendar file: the jobs, and those that were in one before and are no more. */
  calendar: CalendarJob[];
  /** How many jobs of each chain the calendar file speaks of. */
  calendarCounts: Record<string, number>;
}

/** Returns what a plan says, in the rider's units and zone. */
export function planAnswer(request: PlanRequest, figures: PlanFigures): PlanAnswer {
  const { units, plan } = request.settings;
  const agenda = figures.agenda.map((item) => ({
    ...item,
    words: wordsOf(item, units, request.zone),
  }));
  const today = dateOf(request.now, request.zone);
  const lines: Record<string, JobLine> = {};
  for (const bike of request.bikes) {
    const jobs = agenda.filter((item) => item.bikeId === bike.bike.id);
    const line = planLine({
      bike,
      jobs,
      rides: request.rides,
      today,
      zone: request.zone,
      clock: units.clock,
    });
    lines[bike.bike.id] = { ...line, eve: eveOf(request, figures, bike.bike.id) };
  }
  return {
    ...figures,
    agenda,
    mornings: figures.mornings.map((coat) => ({
      ...coat,
      what: morningSentence(coat, today, request.zone, units.clock),
      why: whyMorning(coat),
    })),
    notes: figures.notes.map((note) => ({ name: note.name, text: noteSentence(note, units) })),
    marks: figures.marksCost === null ? null : marksSentence(figures.marksCost),
    against: againstSentence(figures.plan.mean, figures.routine.mean, plan.routine, units),
    routineName: routineName(plan.routine),
    names: Object.fromEntries(request.bikes.map(({ bike }) => [bike.id, bike.name])),
    lines,
    ...calendarOf(request, agenda),
  };
}

/** What is said of a bike the evening before its next ride. */
function eveOf(
  { now, zone, settings }: PlanRequest,
  { agenda, mornings, next }: PlanFigures,
  bikeId: string,
): string | null {
  const ride = next[bikeId] ?? null;
  const before = (a: PlanFigures['agenda'][number]) =>
    a.bikeId === bikeId && a.lubeName !== null && a.from < (ride?.at ?? 0);
  return eveSentence({
    next: ride,
    job: agenda.find(before) ?? null,
    morning: mornings.find((m) => m.bikeId === bikeId) ?? null,
    today: dateOf(now, zone),
    zone,
    clock: settings.units.clock,
  });
}
