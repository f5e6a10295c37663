import type { Garage } from '../../records/garage';
import { byTime, Corrections, effectiveEvents } from '../../logbook/resolve';
import { fittingsBefore, type Fitting } from '../../logbook/fittings';
import { isCorrection, isPlain } from '../../logbook/events';
import { isOlderReport } from '../../logbook/weatherSeen';
import type { LogEvent, PlainEvent, WeatherSeen } from '../../records/event';
import { cellNamed, type Cell } from '../../weather/cells';
import { dayOf, startOfDay } from '../../weather/hours';
import { LOOKS_AHEAD_DAYS, WeatherRecord } from '../../weather/record';
import { play } from './book';
import { copyBook, emptyBook, type BookState } from './bookState';
import type { ReplayStep } from './step';

/** A snapshot of the whole book every this many events: what a late ride costs at most to replay. */
const SNAPSHOT_EVERY = 32;
/** Where nearly all is added a snapshot stands after each event: of a ride of today only what followed it is replayed. */
const NEAR_END = 32;

/** The book as it was before the event of an index. */
interface Snapshot {
  at: number;
  book: BookState;
}

/** Months of a log that are played at once where a page must stay awake. */
const MONTHS_AT_ONCE = 2;

/**
 * A log's months, oldest first, played a few at a time: what stands between two yields takes some milliseconds.
 * Returns the same as playing all at once.
 */
export function* playedInParts(
  garage: Garage,
  months: readonly (readonly LogEvent[])[],
): Generator<void, Replay> {
  const replay = new Replay(garage, []);
  for (let n = 0; n < months.length; n += MONTHS_AT_ONCE) {
    replay.add(months.slice(n, n + MONTHS_AT_ONCE).flat());
    yield;
  }
  return replay;
}

/**
 * The logbook played through the care model. `add` takes new events in any order and replays only
 * from the earliest moment they touch; the result is the same as playing everything from the start.
 * The one mutable thing in core: whoever holds it reads `steps` and `book` and changes neither.
 */
export class Replay {
  /** One step per effective event, in order of time. */
  readonly steps: ReplayStep[] = [];
  book: BookState;
  /** The weather of the log. */
  readonly weather = new WeatherRecord<WeatherSeen>();
  /** Squares by their names: a few, named by each of thousands of days. */
  private readonly cells = new Map<string, Cell>();
  private events: PlainEvent[] = [];
  private readonly raw = new Map<string, PlainEvent>();
  private readonly corrections = new Corrections();
  /** Every so many events, and after each of the last. */
  private readonly snapshots: Snapshot[] = [];
  private recent: Snapshot[] = [];

  constructor(
    readonly garage: Garage,
    events: readonly LogEvent[],
    /** The book before the first of them, where they are only the last of a log. */
    private readonly before: BookState = emptyBook(),
  ) {
    this.book = before;
    for (const event of events) {
      if (isCorrection(event)) this.corrections.add(event);
      else if (isPlain(event)) this.raw.set(event.id, event);
      else this.takeWeather(event);
    }
    this.events = effectiveEvents(events);
    this.playFrom(0);
  }

  /** Fittings from before the first event: none, but where the events are only the last of a log. */
  get fittedBefore(): Fitting[] {
    const { cogs, fitted } = this.before;
    // Cogs are known of each bike that ever had a chain.
    return fittingsBefore(new Map(Array.from(cogs.keys(), (id) => [id, fitted.get(id) ?? null])));
  }

  /** Adds events not seen before (corrections too) and brings steps and book up to date. */
  add(added: readonly LogEvent[]): void {
    const fresh = new Set<string>();
    let weatherFrom = Infinity;
    for (const event of added) {
      if (isCorrection(event)) this.corrections.add(event);
      else if (!isPlain(event)) weatherFrom = Math.min(weatherFrom, this.takeWeather(event));
      else if (!this.raw.has(event.id)) {
        this.raw.set(event.id, event);
        fresh.add(event.id);
      }
    }
    const touched = new Map<string, PlainEvent>();
    for (const event of added) {
      if (event.type === 'weatherSeen') continue;
      const plain = isCorrection(event) ? this.plainTarget(event.target) : event;
      if (plain && (isCorrection(event) || fresh.has(plain.id))) touched.set(plain.id, plain);
    }
    let from = this.firstAfter(weatherFrom);
    for (const event of touched.values())
      from = Math.min(from, this.reread(event, !fresh.has(event.id)));
    this.playFrom(from);
  }

  /** The book as it stood before anything of a moment (ISO 8601, UTC) or later happened. */
  bookBefore(at: string): BookState {
    const end = this.firstAfter(Date.parse(at));
    const from = this.snapshotAt(end);
    const book = copyBook(from.book);
    const scene = { book, garage: this.garage, weather: this.weather };
    for (const event of this.events.slice(from.at, end)) play(scene, event);
    return book;
  }

  /** Takes in the weather of a day; returns the first moment (ms) it can bear on, or never. */
  private takeWeather(event: WeatherSeen): number {
    const day = dayOf(Date.parse(event.at));
    let cell = this.cells.get(event.cell);
    if (cell === undefined) this.cells.set(event.cell, (cell = cellNamed(event.cell)));
    const old = this.weather.day(cell, day);
    if (old && !isOlderReport(old, event)) return Infinity;
    this.weather.put({ cell, day }, event);
    return startOfDay(day - LOOKS_AHEAD_DAYS);
  }

  /** Index of the first event at a moment (ms) or later. */
  private firstAfter(ms: number): number {
    if (ms === Infinity) return this.events.length;
    const at = new Date(ms).toISOString();
    return this.events.findLastIndex((e) => e.at < at) + 1;
  }

  /** The plain event a correction finally speaks of, through corrections of corrections. */
  private plainTarget(id: string): PlainEvent | null {
    const seen = new Set<string>();
    for (let target: string | undefined = id; target && !seen.has(target);) {
      const plain = this.raw.get(target);
      if (plain) return plain;
      seen.add(target);
      target = this.corrections.find(target)?.target;
    }
    return null;
  }

  /** Puts one event's present reading in its place; returns the first index that changed. */
  private reread(event: PlainEvent, mayBeIn: boolean): number {
    const old = mayBeIn ? this.events.findLastIndex((e) => e.id === event.id) : -1;
    let from = this.events.length;
    if (old >= 0) {
      this.events.splice(old, 1);
      from = old;
    }
    const reading = this.corrections.reading(event);
    if (!reading) return from;
    const place = this.events.findLastIndex((e) => byTime(e, reading) < 0) + 1;
    this.events.splice(place, 0, reading);
    return Math.min(from, place);
  }

  /** The last snapshot from before the event of an index. */
  private snapshotAt(index: number): Snapshot {
    const isBefore = ({ at }: Snapshot) => at <= index;
    const [apart, near] = [this.snapshots.findLast(isBefore), this.recent.findLast(isBefore)];
    if (!apart) return near ?? { at: 0, book: this.before };
    return near && near.at > apart.at ? near : apart;
  }

  private playFrom(index: number): void {
    const { snapshots, events } = this;
    const { at: start, book: base } = this.snapshotAt(index);
    while ((snapshots.at(-1)?.at ?? 0) > index) snapshots.pop();
    const nearEnd = events.length - NEAR_END;
    this.recent = this.recent.filter(({ at }) => at <= index && at > nearEnd);
    const book = copyBook(base);
    const scene = { book, garage: this.garage, weather: this.weather };
    this.steps.length = start;
    for (let i = start; i < events.length; i++) {
      const event = events[i];
      if (!event) break;
      this.steps.push(play(scene, event));
      const at = i + 1;
      if (at % SNAPSHOT_EVERY === 0) snapshots.push({ at, book: copyBook(book) });
      else if (at > nearEnd) this.recent.push({ at, book: copyBook(book) });
    }
    this.book = book;
  }
}
