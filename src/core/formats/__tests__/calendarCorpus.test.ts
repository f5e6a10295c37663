import cases from '@/test/corpus/calendars.json';
import { readCalendar } from '../calendarIn';

/** Calendars by another writer, and their days by another reader: src/test/corpus/calendars.py. */
describe('repeating entries, left out, moved and ended in every kind of time', () => {
  it.each(cases.map((c, n) => [n, c] as const))('calendar %i', (_, { text, days }) => {
    const read = readCalendar(text, 'Europe/Berlin', '2026-11-20', '2027-03-01');
    if (!read.ok) throw new Error(read.problem.code);
    const { entries, skipped, cutShort } = read.value;
    const found = entries.map(({ date, time, title }) => `${date} ${time ?? 'all day'} ${title}`);
    expect(found.sort()).toEqual(days);
    expect([skipped, cutShort]).toEqual([0, 0]);
  });
});
