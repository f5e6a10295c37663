import type { RideFromFile } from '../formats/rideFromFile';
import type { RideLogged } from '../records/event';
import { MS_PER_HOUR } from '../units/convert';

/** Two rides are one when they start within this and their distances agree within the share. */
const SAME_START_MS = 2 * 60_000;
const SAME_DISTANCE = 0.02;
/** A ride without a time of day stands at noon. */
const SAME_DAY_MS = 12 * MS_PER_HOUR;
/** Two rides at once share more than this of the shorter one. Own choice: stops are cut differently. */
const AT_ONCE = 0.5;

interface Known {
  at: number;
  km: number;
  bikeId: string;
  /** End, ms; null: nobody recorded it. */
  end: number | null;
  /** The file it came from; null: it is in the log. */
  file: number | null;
  /** Of a day's rides without a time of day each stands for one. */
  taken: boolean;
}

/** Whether a ride of this start and length is one of those. */
export const isKnown = (
  known: readonly { at: number; km: number }[],
  at: number,
  km: number,
): boolean => known.some((k) => Math.abs(k.at - at) <= SAME_START_MS && isAsLong(k.km, km));

const isAsLong = (a: number, b: number): boolean => Math.abs(a / b - 1) <= SAME_DISTANCE;

/** The rides of the log and of the batch so far: a ride among them is not added again. */
export interface KnownRides {
  /** The next file begins: its own rides without a time of day are not one another. */
  nextFile(): void;
  has(ride: RideFromFile): boolean;
  /** Whether another ride of the bike was recorded at that time: by a second recorder, most likely. */
  overlaps(ride: RideFromFile, bikeId: string): boolean;
  add(ride: RideFromFile, bikeId: string): void;
}

/** A search in a list in order of time. */
class ByTime {
  private readonly days = new Map<number, Known[]>();
  private static readonly DAY = 24 * MS_PER_HOUR;

  add(known: Known): void {
    const day = Math.floor(known.at / ByTime.DAY);
    const list = this.days.get(day);
    if (list) list.push(known);
    else this.days.set(day, [known]);
  }

  /** The first of those that begin within a day of a moment that is looked for. */
  near(at: number, isIt: (known: Known) => boolean): Known | undefined {
    const day = Math.floor(at / ByTime.DAY);
    for (let d = day - 1; d <= day + 1; d++) {
      const found = this.days.get(d)?.find(isIt);
      if (found) return found;
    }
    return undefined;
  }
}

export function knownRides(rides: readonly RideLogged[]): KnownRides {
  const all = new ByTime();
  let file = -1;
  for (const { at, distanceKm, bikeId, path } of rides) {
    const start = Date.parse(at);
    const minutes = path?.at(-1)?.[2];
    const end = minutes === undefined ? null : start + minutes * 60_000;
    all.add({ at: start, km: distanceKm, bikeId, end, file: null, taken: false });
  }
  const endOf = ({ startedAt, elapsedH, path }: RideFromFile): number | null =>
    path === null || elapsedH === null ? null : Date.parse(startedAt) + elapsedH * MS_PER_HOUR;
  return {
    nextFile() {
      file += 1;
    },
    has({ startedAt, distanceKm, timed }) {
      const at = Date.parse(startedAt);
      const same = all.near(at, (k) =>
        timed
          ? isKnown([k], at, distanceKm)
          : // Of a day only the day is known: out and home are as long, and both were ridden.
            !k.taken &&
            k.file !== file &&
            Math.abs(k.at - at) <= SAME_DAY_MS &&
            isAsLong(k.km, distanceKm),
      );
      if (same && !timed) same.taken = true;
      return same !== undefined;
    },
    overlaps(ride, bikeId) {
      const [at, end] = [Date.parse(ride.startedAt), endOf(ride)];
      if (end === null) return false;
      const other = all.near(at, (k) => {
        if (k.end === null || k.bikeId !== bikeId) return false;
        const shared = Math.min(end, k.end) - Math.max(at, k.at);
        return shared > AT_ONCE * Math.min(end - at, k.end - k.at);
      });
      return other !== undefined;
    },
    add(ride, bikeId) {
      const { startedAt, distanceKm: km } = ride;
      all.add({ at: Date.parse(startedAt), km, bikeId, end: endOf(ride), file, taken: false });
    },
  };
}
