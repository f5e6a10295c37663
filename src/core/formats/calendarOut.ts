import ical, {
  ICalAlarmType,
  ICalCalendarMethod,
  ICalEventStatus,
  type ICalEventData,
} from 'ical-generator';
import type { CalendarJob } from '../words/planCalendar';
import { MS_PER_MINUTE } from '../units/convert';

/** Names entries as ours, in the form RFC 7986 recommends: globally unique, and no personal data. */
const DOMAIN = 'dapper-spoke.invalid';
const ALARM_S = 3600;

/**
 * A calendar file of jobs (RFC 5545), each with an alarm an hour ahead. Entries keep their UID from plan to
 * plan and count up their SEQUENCE by the minute of writing, so that a calendar that imports the file again
 * moves its entries and never doubles them.
 */
export function writeCalendar(jobs: readonly CalendarJob[], now: number): string {
  const stamp = new Date(now);
  const calendar = ical({
    name: 'Chain care',
    prodId: { company: 'Dapper Spoke', product: 'Plan' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const job of jobs) {
    const data: ICalEventData = {
      id: `${job.id}@${DOMAIN}`,
      sequence: Math.floor(now / MS_PER_MINUTE),
      stamp,
      start: new Date(job.start),
      end: new Date(job.start + job.minutes * MS_PER_MINUTE),
      summary: job.title,
      description: job.text,
      status: job.off ? ICalEventStatus.CANCELLED : ICalEventStatus.CONFIRMED,
    };
    const event = calendar.createEvent(data);
    if (!job.off) event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_S });
  }
  return calendar.toString() + '\r\n';
}
