import { wrap } from 'comlink';
import type { CalendarRead } from '@/core/formats/calendarIn';
import { fail, type Result } from '@/core/problem';
import type { CalendarApi } from './calendar.worker';
import { runInWorker } from './runInWorker';

/** A calendar takes no longer than this. */
const MOST_MS = 10_000;

/** Reads a calendar file in a worker of its own: its entries from one day to another. */
export async function readCalendarFile(
  text: string,
  zone: string,
  from: string,
  to: string,
): Promise<Result<CalendarRead>> {
  const worker = new Worker(new URL('./calendar.worker.ts', window.location.href));
  const reader = { worker, api: wrap<CalendarApi>(worker) };
  const read = async ({ calendar }: typeof reader.api): Promise<Result<CalendarRead>> =>
    calendar(text, zone, from, to);
  const ended = await runInWorker(reader, read, { timeoutMs: MOST_MS });
  worker.terminate();
  if (ended.how === 'done') return ended.value;
  return fail(ended.how === 'timed out' ? 'file/timed-out' : 'calendar/damaged');
}
