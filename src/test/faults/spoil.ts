import { gzipSync, zipSync } from 'fflate';
import { planImport } from '@/core/arrivals/importRides';
import { Chance } from '@/core/chance/chance';
import { headerKey } from '@/core/formats/csvMapping';
import type { CsvMappings, ReadFile } from '@/core/formats/rideFile';
import { logEventSchema } from '@/core/records/event';
import { fit, gpx, tcx } from '../rideFiles';

/** The file with a few bytes changed, cut out, repeated or put in. */
export function spoil(bytes: Uint8Array, seed: number): Uint8Array {
  const chance = new Chance(seed, 40);
  const at = (length: number) => Math.floor(chance.uniform() * length);
  let spoilt = bytes;
  for (let n = at(4); n >= 0; n--) {
    const place = at(spoilt.length);
    const length = at(40);
    const kind = at(4);
    const put =
      kind === 0
        ? Uint8Array.from({ length: at(12) }, () => at(256))
        : kind === 1
          ? spoilt.slice(place, place + length)
          : new Uint8Array();
    const skip = kind === 0 ? put.length : kind === 1 ? 0 : length;
    const rest = kind === 3 ? new Uint8Array() : spoilt.slice(place + skip);
    const parts = [spoilt.subarray(0, place), put, rest];
    spoilt = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
    parts.reduce((end, part) => (spoilt.set(part, end), end + part.length), 0);
  }
  return spoilt;
}

const csv = `start,distance,name\n${Array.from({ length: 12 }, (_, i) => `2026-05-${String(i + 1).padStart(2, '0')}T08:00:00Z,${20 + i},"Lap ${i}"`).join('\n')}\n`;
/** The columns of the table among them. */
export const CSV: CsvMappings = {
  [headerKey(['start', 'distance', 'name'])]: {
    start: 'start',
    time: null,
    distance: 'distance',
    unit: 'km',
    duration: null,
    durationUnit: 'h',
    clock: 'h:mm',
    elapsed: null,
    climbUnit: 'm',
    decimal: 'either',
    climb: null,
    name: 'name',
    gear: null,
    sport: null,
    dayOrder: 'day first',
  },
};

const text = (content: string) => new TextEncoder().encode(content);
/** A sound file of each format, to be spoilt. */
export const FORMATS: [string, Uint8Array][] = [
  ['GPX', text(gpx(80))],
  ['TCX', text(tcx(560, 80))],
  ['FIT', fit([{ start: Date.parse('2026-05-10T08:00:00Z'), seconds: 80 }])],
  ['CSV', text(csv)],
  ['GZ', gzipSync(text(gpx(200)), { mtime: 0 })],
  ['ZIP', zipSync({ 'a.gpx': text(gpx(80)), 'b.csv': text(csv) })],
];

/** Whatever is offered for adding can be written into the log: checked against the log's own schema. */
export function expectSound(files: readonly ReadFile[]): void {
  const rows = planImport(files, {
    rides: [],
    fittings: [{ chainId: 'c1', bikeId: 'b1', from: '1970-01-01T00:00:00.000Z', to: null }],
    now: Date.parse('2100-01-01T00:00:00Z'),
    bikeOf: () => 'b1',
  });
  for (const row of rows) {
    if (row.outcome !== 'added') continue;
    const event = {
      type: 'rideLogged',
      id: 'x',
      zone: 'UTC',
      recordedAt: '2026-05-10T08:00:00.000Z',
      ...row.ride,
    };
    const checked = logEventSchema.safeParse(event);
    if (!checked.success) throw new Error(JSON.stringify([event, checked.error.issues]));
    const { distanceKm: km, durationH: hours, climbM, at } = row.ride;
    const isAbsurd =
      km < 0.5 ||
      km > 400 ||
      (hours !== null && (hours > 24 || km / hours > 45 || km / hours < 7)) ||
      (climbM !== null && (climbM < 0 || climbM > 10_000)) ||
      Date.parse(at) < Date.parse('1990-01-01T00:00:00Z');
    if (isAbsurd) throw new Error(`absurd: ${JSON.stringify(row.ride)}`);
  }
}
