import type { MorningEntry } from '@/core/words/beforeRide';
import type { AgendaEntry } from '@/core/words/plan';
import type { PlanAnswer } from '@/core/words/planAnswer';
import { MS_PER_HOUR } from '@/core/units/convert';

/** A browser tells of a job so long before it must be begun, or when the evening begins. */
const AHEAD_MS = MS_PER_HOUR;
/** Timers beyond this are set anew by the next plan. */
const SOON_MS = 24 * MS_PER_HOUR;

/** Asks whether the browser may tell; false where it cannot or may not. */
export async function askToNotify(): Promise<boolean> {
  if (!('Notification' in window)) return false;
  return (await Notification.requestPermission()) === 'granted';
}

/** What the browser tells, and when (ms). */
interface Told {
  at: number;
  title: string;
  body: string;
  tag: string;
}

const jobTold = (item: AgendaEntry): Told => ({
  at: item.startBy === null ? item.from : Math.min(item.from, item.startBy - AHEAD_MS),
  title: `${item.bikeName}: ${item.words.order}`,
  body: item.words.start ?? item.words.reason,
  tag: item.id,
});

/** A thin coat is told of when it is to be put on: there is nothing to prepare. */
const coatTold = (coat: MorningEntry): Told => ({
  at: coat.from,
  title: `${coat.bikeName}: thin coat`,
  body: coat.why,
  tag: `coat ${coat.chainId}`,
});

/** Notifies of the coming day's jobs and thin coats by the browser, each in time. Returns what cancels it. */
export function notifyLater(
  { agenda, mornings }: Pick<PlanAnswer, 'agenda' | 'mornings'>,
  now: number,
): () => void {
  if (!('Notification' in window) || Notification.permission !== 'granted') return () => undefined;
  const told = [...agenda.map(jobTold), ...mornings.map(coatTold)];
  const timers = told.flatMap(({ at, title, body, tag }) => {
    const wait = at - now;
    if (wait < 0 || wait > SOON_MS) return [];
    return [setTimeout(() => new Notification(title, { body, tag }), wait)];
  });
  return () => timers.forEach(clearTimeout);
}
