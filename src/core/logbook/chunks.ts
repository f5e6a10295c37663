import type { LogEvent } from '../records/event';
import { byTime } from './resolve';

/** The logbook is kept a month to a chunk: `2026-11` to its events. Chunks only ever grow. */
export type LogChunks = Readonly<Record<string, readonly LogEvent[]>>;

/** Chunk of an event, by the month of its moment in UTC. */
export const monthOf = (event: LogEvent): string => event.at.slice(0, 7);

/**
 * Adds events to the chunks, skipping ids that are there already. Chunks that gain nothing keep their
 * identity, so that whoever compares by identity sees just what changed.
 */
export function addEvents(chunks: LogChunks, events: readonly LogEvent[]): LogChunks {
  const fresh = new Map<string, LogEvent[]>();
  for (const event of events) {
    const month = monthOf(event);
    const group = fresh.get(month);
    if (group) group.push(event);
    else fresh.set(month, [event]);
  }
  let next: Record<string, readonly LogEvent[]> | null = null;
  for (const [month, group] of fresh) {
    const old = chunks[month] ?? [];
    const known = new Set(old.map((e) => e.id));
    const added: LogEvent[] = [];
    for (const event of group) {
      if (known.has(event.id)) continue;
      known.add(event.id);
      added.push(event);
    }
    if (added.length === 0) continue;
    next ??= { ...chunks };
    next[month] = [...old, ...added].sort(byTime);
  }
  return next ?? chunks;
}

/** Every event, month by month, in order of time. */
export const allEvents = (chunks: LogChunks): LogEvent[] =>
  Object.keys(chunks)
    .sort()
    .flatMap((month) => chunks[month] ?? []);

/** Events that `after` has and `before` has not; looks only into chunks that changed. */
export function addedEvents(before: LogChunks, after: LogChunks): LogEvent[] {
  const added: LogEvent[] = [];
  for (const month of Object.keys(after)) {
    const old = before[month];
    const now = after[month];
    if (old === now || !now) continue;
    const known = new Set((old ?? []).map((e) => e.id));
    for (const event of now) if (!known.has(event.id)) added.push(event);
  }
  return added;
}
