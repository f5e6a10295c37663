import type { AgendaEntry } from '../words/plan';
import { toCsv } from './toCsv';

/** The plan as a table (RFC 4180): a row a job. */
export const writePlanCsv = (agenda: readonly AgendaEntry[]): string =>
  toCsv(
    agenda.map((a) => ({
      date: a.date,
      bike: a.bikeName,
      depth: a.depth,
      lube: a.lubeName ?? '',
      minutes: Math.round(a.minutes),
      start_by: a.startBy === null ? '' : new Date(a.startBy).toISOString(),
      ready_by: a.readyBy === null ? '' : new Date(a.readyBy).toISOString(),
      reason: a.words.reason,
      if_left_a_week: a.words.putOff,
      sure: a.confidence.toFixed(2),
    })),
  );
