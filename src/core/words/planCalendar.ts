import type { AgendaEntry } from './plan';
import type { PlanRequest } from '../plan/agenda/request';

/** An entry of a calendar file: a job at the bench. */
export interface CalendarJob {
  /** The same whenever the plan is written again. */
  id: string;
  title: string;
  text: string;
  /** ms. */
  start: number;
  minutes: number;
  /** Called off: it stood in a calendar written before, and the plan no longer has it. */
  off: boolean;
}

/** The number at the end of a job's id: its place among the jobs of its chain. */
const numberOf = (id: string): number => Number(id.slice(id.lastIndexOf('-') + 1));

/**
 * The agenda as entries of a calendar. A chain's jobs are counted through its life, so that the next job keeps
 * its entry when the plan moves it; numbers that went out before and are no longer planned are called off.
 */
export function calendarOf(
  request: PlanRequest,
  agenda: readonly AgendaEntry[],
): { calendar: CalendarJob[]; calendarCounts: Record<string, number> } {
  const calendar: CalendarJob[] = agenda.map((item) => ({
    id: item.id,
    title: `${item.bikeName}: ${item.words.order.slice(0, -1)}`,
    text: [item.words.start, item.words.reason, item.words.putOff]
      .filter((line) => line !== null)
      .join('\n'),
    start: item.from,
    minutes: Math.max(5, Math.round(item.minutes)),
    off: false,
  }));
  const calendarCounts = { ...request.settings.plan.calendar };
  for (const { chain, bike, jobsDone } of request.bikes) {
    const planned = agenda.filter((a) => a.chainId === chain.id).map((a) => numberOf(a.id));
    const last = Math.max(jobsDone, ...planned);
    const before = calendarCounts[chain.id] ?? 0;
    for (let n = last + 1; n <= before; n++)
      calendar.push({
        id: `${chain.id}-${n}`,
        title: `${bike.name}: not needed any more`,
        text: '',
        start: request.now,
        minutes: 5,
        off: true,
      });
    calendarCounts[chain.id] = last;
  }
  return { calendar, calendarCounts };
}
