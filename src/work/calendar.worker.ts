import { expose } from 'comlink';
import { readCalendar } from '@/core/formats/calendarIn';

const api = {
  /** Reads a calendar file: of ten thousand entries that takes a while. */
  calendar: readCalendar,
};

export type CalendarApi = typeof api;

expose(api);
