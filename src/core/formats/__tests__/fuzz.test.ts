/** @jest-environment node */
import { logEventSchema } from '@/core/records/event';
import { zipSync } from 'fflate';
import { Chance } from '@/core/climate';
import { planImport } from '@/core/arrivals';
import { fit, gpx, tcx } from '@/test/rideFiles';
import { FAIR } from '@/test/weather';
import { headerKey } from '../csvMapping';
import { readRideFiles, type CsvMappings, type ReadFile } from '../rideFile';
import { readWeatherFile, writeWeatherFile } from '../weatherFile';

/** Spoilt files a format, each from a fixed seed. */
const FILES = 2000;

/** The file with a few bytes changed, cut out, repeated or put in. */
function spoil(bytes: Uint8Array, seed: number): Uint8Array {
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
    spoilt = Uint8Array.from([...spoilt.slice(0, place), ...put, ...rest]);
  }
  return spoilt;
}

const csv = `start,distance,name\n${Array.from({ length: 12 }, (_, i) => `2026-05-${String(i + 1).padStart(2, '0')}T08:00:00Z,${20 + i},"Lap ${i}"`).join('\n')}\n`;
const CSV: CsvMappings = {
  [headerKey(['start', 'distance', 'name'])]: {
    start: 'start',
    time: null,
    distance: 'distance',
    unit: 'km',
    duration: null,
    durationUnit: 'h',
    climb: null,
    name: 'name',
    gear: null,
    sport: null,
    dayOrder: 'day first',
  },
};

const text = (content: string) => new TextEncoder().encode(content);
const FORMATS: [string, Uint8Array][] = [
  ['GPX', text(gpx(30))],
  ['TCX', text(tcx(200, 30))],
  ['FIT', fit([{ start: Date.parse('2026-05-10T08:00:00Z'), seconds: 30 }])],
  ['CSV', text(csv)],
  ['ZIP', zipSync({ 'a.gpx': text(gpx(12)), 'b.csv': text(csv) })],
];

/** Whatever is offered for adding can be written into the log: checked against the log's own schema. */
function expectSound(files: readonly ReadFile[]): void {
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
  }
}

describe('weather files, spoilt', () => {
  const hours = new Map(Array.from({ length: 24 }, (_, n) => [494_000 + n, FAIR]));
  const whole = text(writeWeatherFile(hours));

  it(`are read whole or refused whole: ${FILES} of them`, () => {
    let refused = 0;
    for (let seed = 0; seed < FILES; seed++) {
      const read = readWeatherFile(new TextDecoder().decode(spoil(whole, seed)));
      if (!read.ok) refused += 1;
      else
        for (const { rainMm, humidity } of read.value.values())
          if (!(rainMm >= 0 && humidity >= 0 && humidity <= 1)) throw new Error(`seed ${seed}`);
    }
    expect(refused).toBeGreaterThan(FILES / 4);
  });
});

describe.each(FORMATS)('%s files, spoilt', (name, whole) => {
  it(`never crash, hang or half import: ${FILES} of them`, () => {
    let refused = 0;
    for (let seed = 0; seed < FILES; seed++) {
      const files = [...readRideFiles(`${seed}.${name}`, spoil(whole, seed), CSV)];
      expect(files.length).toBeGreaterThan(0);
      refused += files.filter((f) => !f.rides.ok).length;
      expectSound(files);
    }
    expect(refused).toBeGreaterThan(0);
  }, 120_000);

  it('unspoilt are read', () => {
    const files = [...readRideFiles(name, whole, CSV)];
    expect(files.every((f) => f.rides.ok && f.rides.value.every((r) => r.ok))).toBe(true);
  });
});
