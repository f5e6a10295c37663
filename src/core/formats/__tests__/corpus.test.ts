import { readFileSync } from 'node:fs';
import path from 'node:path';
import { planImport, type ImportRow } from '@/core/arrivals/importRides';
import fits from '@/test/corpus/fits.json';
import tables from '@/test/corpus/tables.json';
import tracks from '@/test/corpus/tracks.json';
import { readRideFiles, type CsvMappings } from '../rideFile';
import { headerKey } from '../csvMapping';

/** What must come out of a file; see src/test/corpus/README.md for who wrote it and how the figures were come by. */
interface Expected {
  file: string;
  by: string;
  rides?: {
    km: number;
    at?: string;
    day?: string;
    name?: string;
    gear?: string;
    sport?: string;
    movingH?: number;
    elapsedH?: number;
    climbM?: number;
    gapKm?: number;
    gears?: number[][];
    eBike?: boolean;
    indoors?: boolean;
  }[];
  /** Codes of what is not read, each once. */
  problem?: string;
  problems?: string[];
  kind?: string;
  held?: string[];
  /** It is a table: its columns are asked for, and taken as guessed. */
  asked?: boolean;
  /** So many rows that are no rides and nothing wrong: rest days, sums. */
  noRides?: number;
}

const CORPUS = path.join(__dirname, '../../../test/corpus');
const bytesOf = (folder: string, file: string) =>
  new Uint8Array(readFileSync(path.join(CORPUS, folder, file)));

/** Reads a file as a rider does who takes every guess as it is. */
function read(bytes: Uint8Array, file: string) {
  const first = [...readRideFiles(file, bytes, {})];
  const asked = first.filter((f) => f.table);
  const mappings: CsvMappings = Object.fromEntries(
    asked.map(({ table }) => [headerKey(table!.header), table!.guess]),
  );
  const files = asked.length > 0 ? [...readRideFiles(file, bytes, mappings)] : first;
  const context = {
    rides: [],
    fittings: [{ chainId: 'c1', bikeId: 'b1', from: '2000-01-01T00:00:00.000Z', to: null }],
    now: Date.parse('2026-11-24T10:00:00Z'),
    bikeOf: () => 'b1',
  };
  const ridesRead = files.flatMap(({ rides }) =>
    rides.ok ? rides.value.flatMap((r) => (r.ok ? [r.value] : [])) : [],
  );
  return { asked: asked.length > 0, ridesRead, rows: planImport(files, context) };
}

const NO_RIDES = ['csv/rest', 'csv/sum'];
const problemsOf = (rows: readonly ImportRow[]) =>
  rows.flatMap((r) => (r.outcome === 'failed' ? [r.problem] : []));

function holds(folder: string, expected: Expected): void {
  const { asked, ridesRead, rows } = read(bytesOf(folder, expected.file), expected.file);
  const problems = problemsOf(rows);
  const bad = problems.filter((p) => !NO_RIDES.includes(p.code));
  expect([...new Set(bad.map((p) => p.code))]).toEqual(
    expected.problems ?? (expected.problem ? [expected.problem] : []),
  );
  if (expected.kind) expect(bad[0]).toMatchObject({ kind: expected.kind });
  expect(problems.length - bad.length).toBe(expected.noRides ?? 0);
  expect(asked).toBe(expected.asked ?? false);
  const held = rows.flatMap((r) => (r.outcome === 'held' ? r.doubt.odd : []));
  expect(held).toEqual(expected.held ?? []);
  if (expected.rides) expect(ridesRead).toHaveLength(expected.rides.length);
  else if (!expected.held) expect(rows.filter((r) => r.outcome === 'added')).toEqual([]);
  expected.rides?.forEach((ride, n) => {
    const found = ridesRead[n]!;
    expect(Math.abs(found.distanceKm / ride.km - 1)).toBeLessThan(0.005);
    if (ride.at) expect(found.startedAt).toBe(ride.at);
    if (ride.day) expect(localDay(found.startedAt)).toBe(ride.day);
    if (ride.name !== undefined) expect(found.name).toBe(ride.name);
    if (ride.gear !== undefined) expect(found.clues.gear).toBe(ride.gear);
    if (ride.sport !== undefined) expect(found.clues.sport).toBe(ride.sport);
    if (ride.movingH !== undefined) expect(found.movingH).toBeCloseTo(ride.movingH, 3);
    if (ride.elapsedH !== undefined) expect(found.elapsedH).toBeCloseTo(ride.elapsedH, 3);
    if (ride.climbM !== undefined)
      expect(Math.abs(found.climbM! - ride.climbM)).toBeLessThan(0.02 * ride.climbM + 1);
    if (ride.gapKm !== undefined) expect(found.gapKm).toBeCloseTo(ride.gapKm, 1);
    if (ride.gears) expect(found.gears).toEqual(ride.gears);
    expect(found.eBike).toBe(ride.eBike ?? false);
    expect(found.indoors).toBe(ride.indoors ?? false);
  });
}

/** A moment as a table without zones writes it: "2026-05-10 08:15". */
function localDay(iso: string): string {
  const at = new Date(iso);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())} ${two(at.getHours())}:${two(at.getMinutes())}`;
}

describe('tracks by other writers', () => {
  it.each((tracks as Expected[]).map((e) => [e.file, e] as const))('%s', (_, expected) =>
    holds('tracks', expected),
  );
});

describe('FIT files by other writers', () => {
  it.each((fits as Expected[]).map((e) => [e.file, e] as const))('%s', (_, expected) =>
    holds('fits', expected),
  );
});

describe('tables by other writers', () => {
  it.each((tables as Expected[]).map((e) => [e.file, e] as const))('%s', (_, expected) =>
    holds('tables', expected),
  );
});
