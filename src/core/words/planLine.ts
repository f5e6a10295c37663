import type { AgendaItem } from '../plan/agenda/agenda';
import { orderFor } from './orders';
import type { BikeNow } from '../plan/agenda/request';
import { dayReached } from '../plan/rides/coming';
import type { RideAhead } from '../plan/rides/occurrences';
import { dayWord, dueWord, type DateText } from '../time/dates';
import { orderOf, startSentence } from './plan';
import type { Clock } from '../intl/dates';

/** What the line of a bike is made from: its jobs and rides to come, and when its clocks fire. */
export interface LineOf {
  bike: Pick<BikeNow, 'bike' | 'state' | 'due'>;
  /** Its jobs, in order of time. */
  jobs: readonly AgendaItem[];
  rides: readonly RideAhead[];
  today: DateText;
  zone: string;
  clock: Clock;
}

/** What Today says of the next job: the job and its day, and in small type what else there is to know of it. */
export interface JobLine {
  job: string;
  more: string | null;
  /** The evening before a ride, or shortly before it; null: nothing to say. */
  eve: string | null;
}

/**
 * The next job of a bike for Today: when it falls and what it is; by when to start; and where it falls later than the
 * verdict says, that it does and why.
 */
export function planLine({ bike, jobs, rides, today, zone, clock }: LineOf): Omit<JobLine, 'eve'> {
  const { due } = bike;
  const parked = !rides.some((ride) => ride.bikeId === bike.bike.id);
  const [next] = jobs;
  const nothing = due.quiet && next?.date !== today ? 'Nothing to do today.' : null;
  // Rust does not wait for a ride, nor does what is planned for today.
  const waits = parked && !due.quiet && !due.rusts && next?.date !== today;
  const wait = waits ? 'No ride is planned, so it can wait.' : null;
  if (!next) {
    if (!due.quiet)
      return { job: sentences(wait ?? 'No job is planned.', 'Do it before you ride.'), more: null };
    return parked
      ? { job: sentences(nothing), more: 'Plan a ride, or log a few weeks, and we say when.' }
      : { job: sentences(nothing, 'No job is due in the next weeks.'), more: null };
  }
  const what = orderOf(next.depth, next.lubeName);
  const planned = `Planned ${dayIn(next.date, today)}: ${what.charAt(0).toLowerCase()}${what.slice(1)}.`;
  if (wait) return { job: sentences(wait, planned), more: 'If you ride before, do it first.' };
  // Of today's coat the line of the evening says it.
  const start =
    next.date === today && next.lubeName !== null ? null : startSentence(next, zone, clock);
  const past = goesPast({ bike, jobs, rides, today, zone, clock });
  if (!past) return { job: sentences(nothing, planned), more: start };
  if (past.job === next)
    return {
      job: sentences(nothing, `Due ${past.day}.`, planned),
      more: sentences(past.why, start),
    };
  const later = `${past.what} is due ${past.day}, planned ${dayIn(past.job.date, today)}.`;
  return { job: sentences(nothing, planned), more: sentences(start, later, past.why) };
}

const sentences = (...parts: (string | null)[]): string =>
  parts.filter((part) => part !== null).join(' ');

/** "today", "Wednesday", "Wed 2 Dec". */
function dayIn(date: DateText, today: DateText): string {
  const word = dayWord(date, today);
  return word === 'Today' || word === 'Tomorrow' ? word.toLowerCase() : word;
}

/** Whether a job answers a question: every job wipes, not every one lubes or cleans inside. */
const answers = {
  lube: (item: AgendaItem) => item.lubeName !== null,
  outside: () => true,
  inside: (item: AgendaItem) => /clean|reset|soak|strip/.test(item.depth),
};

/** A clock that the plan goes past: which, the day it fires, the job that comes later, and why it does. */
interface Past {
  what: string;
  day: string;
  job: AgendaItem;
  why: string;
}

/** The first clock the plan goes past; null: it goes past none. */
function goesPast({ bike: { bike, state, due }, jobs, rides, today }: LineOf): Past | null {
  const dirty = due.inside
    ? { what: 'Cleaning', serves: answers.inside }
    : { what: 'Wiping', serves: answers.outside };
  const clocks = [
    {
      km: due.lube,
      what: orderFor('film', state.lube),
      serves: answers.lube,
      will: 'run a bit dry',
    },
    { km: due.dirt, ...dirty, will: 'be a bit dirty' },
  ];
  for (const { km, what, serves, will } of clocks) {
    const job = jobs.find(serves);
    if (km === null || !job) continue;
    const day = km === 0 ? today : dayReached(rides, bike.id, km);
    if (day === null || job.date <= day || job.afterKm <= km) continue;
    return { what, day: km === 0 ? 'now' : dueWord(day, today), job, why: whyPast(job, will) };
  }
  return null;
}

/** Why a job falls later than its clock fires. */
function whyPast(job: AgendaItem, will: string): string {
  if (job.pinned) return 'You put it there.';
  if (job.noTimeBefore) return 'No evening before has the time.';
  return `The chain will ${will} by then, but going sooner would cost more than it saves.`;
}
