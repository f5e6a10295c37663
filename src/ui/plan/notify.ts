import type { AgendaEntry } from '@/core/words/plan';
import { MS_PER_HOUR } from '@/core/units';

/** A browser tells of a job so long before it must be begun, or when the evening begins. */
const AHEAD_MS = MS_PER_HOUR;
/** Timers beyond this are set anew by the next plan. */
const SOON_MS = 24 * MS_PER_HOUR;

/** Asks whether the browser may tell; false where it cannot or may not. */
export async function askToNotify(): Promise<boolean> {
  if (!('Notification' in window)) return false;
  return (await Notification.requestPermission()) === 'granted';
}

/** Notifies of the coming day's jobs by the browser, each in time. Returns what cancels it. */
export function notifyLater(agenda: readonly AgendaEntry[], now: number): () => void {
  if (!('Notification' in window) || Notification.permission !== 'granted') return () => undefined;
  const timers = agenda.flatMap((item) => {
    const at = item.startBy === null ? item.from : Math.min(item.from, item.startBy - AHEAD_MS);
    const wait = at - now;
    if (wait < 0 || wait > SOON_MS) return [];
    const show = () =>
      new Notification(`${item.bikeName}: ${item.words.order}`, {
        body: item.words.start ?? item.words.reason,
        tag: item.id,
      });
    return [setTimeout(show, wait)];
  });
  return () => timers.forEach(clearTimeout);
}
