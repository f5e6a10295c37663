import type { GivesWay } from '../plan/agenda/givesWay';
import type { PlanFigures } from '../plan/planner';
import type { PlanRequest } from '../plan/agenda/request';
import { dateOf } from '../time/zones';
import { marksSentence, noteSentence, wordsOf, type AgendaEntry } from './plan';
import { againstSentence, routineName } from './planAgainst';
import { planLine, type JobLine } from './planLine';
import { calendarOf, type CalendarJob } from './planCalendar';

/** A plan ready to be read: its figures, and everything it says. */
export interface PlanAnswer extends Omit<PlanFigures, 'agenda' | 'notes'> {
  agenda: AgendaEntry[];
  /** What is in the way, what the marks cost, and the plan against the routine. */
  notes: { name: GivesWay['name']; text: string }[];
  marks: string | null;
  against: string;
  routineName: string;
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
    lines[bike.bike.id] = planLine({ bike, jobs, rides: request.rides, today, zone: request.zone });
  }
  return {
    ...figures,
    agenda,
    notes: figures.notes.map((note) => ({ name: note.name, text: noteSentence(note, units) })),
    marks: figures.marksCost === null ? null : marksSentence(figures.marksCost),
    against: againstSentence(figures.plan.mean, figures.routine.mean, plan.routine, units),
    routineName: routineName(plan.routine),
    lines,
    ...calendarOf(request, agenda),
  };
}
