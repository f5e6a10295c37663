import { isCorrection, isPlain } from './events';
import type { Correction, LogEvent, PlainEvent } from '../records/event';

/** Order of the logbook: by moment, then by id, which grows with the order of writing. */
export function byTime(a: LogEvent, b: LogEvent): number {
  if (a.at !== b.at) return a.at < b.at ? -1 : 1;
  return a.id < b.id ? -1 : a.id > b.id ? 1 : 0;
}

const writtenLater = (a: LogEvent, b: LogEvent): boolean =>
  a.recordedAt !== b.recordedAt ? a.recordedAt > b.recordedAt : a.id > b.id;

/** The corrections of a logbook, by the event they name. `reading` returns how an event reads now. */
export class Corrections {
  private byTarget = new Map<string, Correction[]>();
  private byId = new Map<string, Correction>();

  add(correction: Correction): void {
    this.byId.set(correction.id, correction);
    const known = this.byTarget.get(correction.target);
    if (known) known.push(correction);
    else this.byTarget.set(correction.target, [correction]);
  }

  find(id: string): Correction | undefined {
    return this.byId.get(id);
  }

  /**
   * True when the event is struck and that strike stands. A ring of strikes strikes nothing. Walks on a
   * list of its own: a crafted logbook may strike strikes thousands deep.
   */
  isStruck(id: string): boolean {
    const settled = new Map<string, boolean>();
    const path: { id: string; strikes: string[] }[] = [{ id, strikes: this.strikesOf(id) }];
    const onPath = new Set([id]);
    for (let here = path.at(-1); here; here = path.at(-1)) {
      const next = here.strikes.at(-1);
      const stands = next !== undefined && (onPath.has(next) || settled.has(next));
      if (next === undefined || (stands && settled.get(next) !== true)) {
        // No strike is left that could stand, or this one does: nothing strikes it, or it closes a ring.
        settled.set(here.id, next !== undefined);
        onPath.delete(here.id);
        path.pop();
      } else if (stands) here.strikes.pop();
      else {
        path.push({ id: next, strikes: this.strikesOf(next) });
        onPath.add(next);
      }
    }
    return settled.get(id) ?? false;
  }

  /** Ids of the strikes against an event, in an order that does not depend on the order of writing. */
  private strikesOf(id: string): string[] {
    const strikes = (this.byTarget.get(id) ?? []).filter((c) => c.type === 'eventStruck');
    return strikes.map((c) => c.id).sort();
  }

  /** The event as it reads now: null when struck, else its latest standing amendment or itself. */
  reading(event: PlainEvent): PlainEvent | null {
    const corrections = this.byTarget.get(event.id);
    if (!corrections) return event;
    if (this.isStruck(event.id)) return null;
    let latest: Correction | null = null;
    for (const c of corrections) {
      if (c.type !== 'eventAmended' || this.isStruck(c.id)) continue;
      if (!latest || writtenLater(c, latest)) latest = c;
    }
    if (latest?.type !== 'eventAmended') return event;
    return { ...latest.replacement, id: event.id, recordedAt: event.recordedAt };
  }
}

/** All events as they read now, corrections applied, in order of time, whatever their order before. */
export function effectiveEvents(events: readonly LogEvent[]): PlainEvent[] {
  const corrections = new Corrections();
  for (const event of events) if (isCorrection(event)) corrections.add(event);
  const plain: PlainEvent[] = [];
  for (const event of events) {
    if (!isPlain(event)) continue;
    const reading = corrections.reading(event);
    if (reading) plain.push(reading);
  }
  return plain.sort(byTime);
}
