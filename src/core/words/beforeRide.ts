import { timeIn, type Clock } from '../intl/dates';
import type { AgendaItem } from '../plan/agenda/agenda';
import {
  bottleToCarry,
  rainIsLikely,
  type MorningCoat,
  type NextRide,
} from '../plan/agenda/beforeRide';
import type { LubeClass } from '../lube/classes';
import { dayWord, type DateText } from '../time/dates';

import { startOf } from './plan';

/** A thin coat of the morning with its words. */
export interface MorningEntry extends Omit<MorningCoat, 'why'> {
  what: string;
  why: string;
}

/** What the evening before a ride is made from. */
export interface EveOf {
  next: NextRide | null;
  /** The lube job that comes before the ride; null: none does. */
  job: AgendaItem | null;
  morning: MorningCoat | null;
  today: DateText;
  zone: string;
  clock: Clock;
}

const small = (lube: LubeClass): string => `a small bottle of ${lube} lube`;

const when = (date: DateText, today: DateText): string => {
  const word = dayWord(date, today);
  return word === 'Today' || word === 'Tomorrow' ? word.toLowerCase() : `on ${word}`;
};

/** "Tomorrow at 08:25, half an hour before the ride, put on a thin coat of wet lube." */
export function morningSentence(
  coat: MorningCoat,
  today: DateText,
  zone: string,
  clock: Clock,
): string {
  const day = when(coat.date, today);
  const begun = day.charAt(0).toUpperCase() + day.slice(1);
  return `${begun} at ${timeIn(coat.from, zone, clock)}, half an hour before the ride, put on a thin coat of ${coat.lubeName}.`;
}

/** Why a thin coat in the morning. */
export const whyMorning = ({ why }: MorningCoat): string =>
  why === 'runs dry'
    ? 'The lube would run out on that ride, and no evening before it has a job.'
    : 'This lube dries quickly and has been on for a week.';

/** "Start by 20:00, so that it is set by 07:00", or where the whole evening will do "Do it this evening". */
function doItToday(job: AgendaItem, zone: string, clock: Clock): string {
  const start = startOf(job);
  return start === null
    ? 'Do it this evening'
    : `Start by ${timeIn(start.by, zone, clock)}, so that it is set by ${timeIn(start.ready, zone, clock)}`;
}

/**
 * One line for the evening before a ride, or half an hour before it: by when to start or what to take along, the thin coat
 * of the morning, or the bottle for the rain. Null: there is nothing to say.
 */
export function eveSentence({ next, job, morning, today, zone, clock }: EveOf): string | null {
  if (!next) return null;
  if (job && job.date === today)
    return `${doItToday(job, zone, clock)}, or take ${small(bottleToCarry(next, true) ?? 'wet')} along.`;
  if (morning && morning.rideAt === next.at) {
    const bottle = rainIsLikely(next) ? bottleToCarry(next, false) : null;
    const along = bottle ? ` Rain is likely: take ${small(bottle)} along.` : '';
    return `${morningSentence(morning, today, zone, clock)}${along}`;
  }
  const bottle = bottleToCarry(next, false);
  return bottle
    ? `Rain is likely on the ride ${when(next.date, today)}: take ${small(bottle)} along.`
    : null;
}
