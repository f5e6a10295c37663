import { bookFrom, bookText } from '@/core/care/replay/bookText';
import { chainNow, isEnoughFor } from '@/core/care/verdict/report';
import { Replay } from '@/core/care/replay/replay';
import { isCorrection, isPlain } from '@/core/logbook/events';
import type { LogChunks } from '@/core/logbook/chunks';
import type { LogEvent } from '@/core/records/event';
import type { Logbook } from '@/core/logbook/logbook';
import { CURRENT_VERSION } from '@/core/logbook/versions';
import { GARAGE, isPart, LOG, META, readMeta, SETTINGS } from './keys';
import { parseJson, sumOf } from './parts';
import { readParts } from './readParts';
import type { Storage } from './storage';

/**
 * The first look at a long logbook: the care of all chains as it stood a year ago, kept beside the log so that a
 * verdict needs the last year only. It is never trusted over the log: it counts only where the checksums of all it
 * was made from are those of today, and the whole log is read and played behind it whatever it says.
 */
export const LOOK = 'look';

/** A log with fewer events than this before the last year is read as a whole: that takes no longer. Own choice. */
const WORTH_IT = 4000;
/** Whole months of the log that are read for a first look, before the one of the last event. */
const MONTHS = 12;
/** A month more of weather, so that roads and what stands outdoors do not begin from a guess. */
const WARM_UP_MONTHS = 1;

/** What a look rests on: it holds as long as this is the same. */
export interface LookHead {
  /** The scripts that made it: others may reckon otherwise. */
  build: string;
  version: number;
  /** The first month it does not sum up, `2025-11`. */
  from: string;
  /** Checksums of the parts that it sums up, and of the garage. */
  sums: Record<string, string>;
  /** Corrections written since then that speak of events before: counted in already. */
  reachBack: string[];
}

interface Look extends LookHead {
  /** The book: see `bookText`. */
  book: string;
}

/** A logbook that begins a year ago, with its replay, which knows of all that was before. */
export interface FirstLook {
  logbook: Logbook;
  replay: Replay;
  head: LookHead;
  /** Bikes of which it tells what the whole log does: of one that stood for a year more is needed. */
  told: string[];
}

function monthsBefore(month: string, many: number): string {
  const [year = 0, m = 0] = month.split('-').map(Number);
  return new Date(Date.UTC(year, m - 1 - many, 1)).toISOString().slice(0, 7);
}

/** The events a first look is played from: all from a month on, and the weather of a month before. */
function recentOf(log: LogChunks, from: string): LogEvent[] {
  const warm = monthsBefore(from, WARM_UP_MONTHS);
  return Object.keys(log)
    .filter((month) => month >= warm)
    .sort()
    .flatMap((month) => log[month] ?? [])
    .filter((event) => event.at.slice(0, 7) >= from || event.type === 'weatherSeen');
}

/** Corrections among recent events that bear on what was before them. */
function reachingBack(recent: readonly LogEvent[], from: string): string[] {
  const plain = new Set(recent.filter(isPlain).map(({ id }) => id));
  const known = new Set(recent.filter(isCorrection).map(({ id }) => id));
  return recent
    .filter(isCorrection)
    .filter(
      (c) =>
        !(plain.has(c.target) || known.has(c.target)) ||
        (c.type === 'eventAmended' && c.replacement.at.slice(0, 7) < from),
    )
    .map(({ id }) => id)
    .sort();
}

const isSummedUp = (key: string, from: string): boolean =>
  key === GARAGE || (key.startsWith(LOG) && key.slice(LOG.length) < from);

const summedUp = (sums: Readonly<Record<string, string>>, from: string): Record<string, string> =>
  Object.fromEntries(Object.entries(sums).filter(([key]) => isSummedUp(key, from)));

/** What a look at a logbook would rest on, `sums` being those of its stored parts; null where the log is short. */
export function lookHead(
  log: LogChunks,
  sums: Readonly<Record<string, string>>,
  build: string,
): LookHead | null {
  const months = Object.keys(log).sort();
  const from = monthsBefore(months.at(-1) ?? '1970-01', MONTHS);
  const older = months.filter((m) => m < from).reduce((sum, m) => sum + (log[m]?.length ?? 0), 0);
  if (older < WORTH_IT) return null;
  const reachBack = reachingBack(recentOf(log, from), from);
  return { build, version: CURRENT_VERSION, from, sums: summedUp(sums, from), reachBack };
}

/**
 * The text of a first look at a logbook; null where what it would show at `now` (ms) differs from what the whole log
 * says.
 */
export function lookText(
  head: LookHead,
  { garage, settings, log }: Logbook,
  replay: Replay,
  now: number,
): string | null {
  const { from } = head;
  const book = bookText(replay.bookBefore(`${from}-01T00:00:00.000Z`));
  const tried = new Replay(garage, recentOf(log, from), bookFrom(book));
  const shown = (of: Replay) =>
    bookText(of.book) +
    Object.keys(garage.bikes)
      .map((id) => JSON.stringify(chainNow(of, id, settings.standard, now)?.state))
      .join();
  if (shown(tried) !== shown(replay)) return null;
  const body = JSON.stringify({ ...head, book } satisfies Look);
  return `${sumOf(body)}\n${body}`;
}

/** A look from its text; null where it is not whole, or made by others. */
function lookOf(text: string | undefined, build: string): Look | null {
  const [sum, body] = text?.split('\n', 2) ?? [];
  if (body === undefined || sum !== sumOf(body)) return null;
  const look = parseJson(body) as Look;
  return look.build === build && look.version === CURRENT_VERSION ? look : null;
}

const isSame = (a: Readonly<Record<string, string>>, b: Readonly<Record<string, string>>) =>
  Object.keys(a).length === Object.keys(b).length &&
  Object.entries(a).every(([key, value]) => b[key] === value);

/** What can be seen of a stored logbook at once, at `now` (ms); null where there is no look, or the log has gone on without it. */
export async function firstLook(
  storage: Storage,
  build: string,
  now: number,
): Promise<FirstLook | null> {
  const head = await storage.read([META, LOOK]);
  const look = lookOf(head[LOOK], build);
  const { version, sums } = readMeta(head[META]);
  if (!look || version !== CURRENT_VERSION || !isSame(summedUp(sums, look.from), look.sums))
    return null;
  // What is told of the parts may itself be damaged: each that lies there must be told of.
  const parts = (await storage.keys()).filter(isPart).sort();
  if (parts.join() !== Object.keys(sums).sort().join()) return null;
  const warm = monthsBefore(look.from, WARM_UP_MONTHS);
  const keys = Object.keys(sums).filter(
    (key) => key === GARAGE || key === SETTINGS || (key.startsWith(LOG) && key >= LOG + warm),
  );
  const entries = await storage.read(keys);
  const read = readParts({ ...entries, [META]: head[META] ?? '' });
  if (!read || read.damaged.length + read.newer.length + read.stale.length > 0) return null;
  if (!keys.every((key) => read.sums.get(key) === sums[key])) return null;
  const recent = recentOf(read.logbook.log, look.from);
  const reachBack = reachingBack(recent, look.from);
  if (reachBack.join() !== look.reachBack.join()) return null;
  const { book, ...lookedAt } = look;
  const { garage } = read.logbook;
  const replay = new Replay(garage, recent, bookFrom(book));
  const told = Object.keys(garage.bikes).filter((id) => isEnoughFor(replay, id, now));
  const last = replay.steps.findLast(({ event }) => event.type === 'rideLogged');
  if (!last || last.bikeId === null || !told.includes(last.bikeId)) return null;
  return { logbook: read.logbook, replay, head: lookedAt, told };
}
