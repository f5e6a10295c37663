import { str as crc32 } from 'crc-32';
import { EMPTY_GARAGE } from '../garage/empty';
import type { LogChunks } from '../logbook/chunks';
import type { Logbook } from '../logbook/logbook';
import { DEFAULT_SETTINGS } from '../settings/defaults';

/**
 * What a logbook holds, in few bytes, so that another device sends only what is lacking: a CRC-32 of its garage, of its
 * settings, and of the events of each span of time. A span is a month, or, before the last two calendar years, a year.
 */
export interface Holdings {
  garage: number;
  settings: number;
  spans: Span[];
}

interface Span {
  /** Months since the year 0: first, and first of the next span. */
  from: number;
  to: number;
  sum: number;
}

/** A log that holds more spans is none of ours. */
const MOST_SPANS = 400;

export function holdingsOf({ garage, settings, log }: Logbook): Holdings {
  const months = Object.keys(log).filter((month) => log[month]?.length);
  const newest = Math.max(...months.map(monthNumber), 0);
  const oldYears = 12 * (Math.floor(newest / 12) - 1);
  const starts = months.map(monthNumber).map((n) => (n < oldYears ? n - (n % 12) : n));
  return {
    garage: sumOf(garage),
    settings: sumOf(settings),
    spans: [...new Set(starts)]
      .sort((a, b) => a - b)
      .map((from) => {
        const to = from < oldYears ? from + 12 : from + 1;
        return { from, to, sum: sumOfEvents(log, from, to) };
      }),
  };
}

/** The part of a logbook that one with such holdings lacks: merged into it, both hold the same events. */
export function lackingIn(ours: Logbook, theirs: Holdings): Logbook {
  const same = theirs.spans.filter((s) => sumOfEvents(ours.log, s.from, s.to) === s.sum);
  const log = Object.fromEntries(
    Object.entries(ours.log).filter(([month]) => {
      const n = monthNumber(month);
      return !same.some(({ from, to }) => from <= n && n < to);
    }),
  );
  return {
    garage: sumOf(ours.garage) === theirs.garage ? EMPTY_GARAGE : ours.garage,
    settings: sumOf(ours.settings) === theirs.settings ? DEFAULT_SETTINGS : ours.settings,
    log,
  };
}

/** Whether a part of a logbook holds nothing at all. */
export const isNothing = ({ garage, settings, log }: Logbook): boolean =>
  garage === EMPTY_GARAGE && settings === DEFAULT_SETTINGS && Object.keys(log).length === 0;

const SPAN_BYTES = 8;

/** Holdings as bytes: two sums, then of each span its first month, its months and its sum. */
export function writeHoldings({ garage, settings, spans }: Holdings): Uint8Array {
  const bytes = new Uint8Array(8 + SPAN_BYTES * spans.length);
  const view = new DataView(bytes.buffer);
  view.setUint32(0, garage);
  view.setUint32(4, settings);
  spans.forEach(({ from, to, sum }, n) => {
    view.setUint16(8 + SPAN_BYTES * n, from);
    view.setUint16(10 + SPAN_BYTES * n, to - from);
    view.setUint32(12 + SPAN_BYTES * n, sum);
  });
  return bytes;
}

/** Null: these are no holdings. */
export function readHoldings(bytes: Uint8Array): Holdings | null {
  const count = (bytes.length - 8) / SPAN_BYTES;
  if (!Number.isInteger(count) || count < 0 || count > MOST_SPANS) return null;
  const view = new DataView(bytes.buffer, bytes.byteOffset);
  return {
    garage: view.getUint32(0),
    settings: view.getUint32(4),
    spans: Array.from({ length: count }, (_, n) => {
      const from = view.getUint16(8 + SPAN_BYTES * n);
      const to = from + view.getUint16(10 + SPAN_BYTES * n);
      return { from, to, sum: view.getUint32(12 + SPAN_BYTES * n) };
    }),
  };
}

const monthNumber = (month: string): number =>
  12 * Number(month.slice(0, 4)) + Number(month.slice(5, 7)) - 1;

/** Events never change, so their names say it all. */
function sumOfEvents(log: LogChunks, from: number, to: number): number {
  const ids = Object.entries(log)
    .filter(([month]) => from <= monthNumber(month) && monthNumber(month) < to)
    .flatMap(([, events]) => events.map((event) => event.id));
  return crc32(ids.sort().join(' ')) >>> 0;
}

/** The same whatever the order fields were written in. */
const sumOf = (value: unknown): number =>
  crc32(
    JSON.stringify(value, (_, part: unknown) =>
      typeof part === 'object' && part !== null && !Array.isArray(part)
        ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
        : part,
    ),
  ) >>> 0;
