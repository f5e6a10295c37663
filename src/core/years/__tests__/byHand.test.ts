import { HANDBOOK } from '../../care/model/personal';
import { startState, type ChainState } from '../../care/model/state';
import { dryRoad } from '@/test/dryRoad';
import { generateDays } from '../../climate/generator';
import { PRESETS } from '../../garage/presets';
import { dayNumber } from '../../time/dates';
import { MS_PER_DAY, MS_PER_HOUR } from '../../units/convert';
import { roadAfter, ROAD_UNKNOWN, wetShareOf } from '../../weather/road';
import { STORAGE_AIR } from '../../weather/drying';
import { ClimateYear } from '../climateYear';
import { legsOfYear } from '../yearLegs';
import { dueBefore, type Kept, type RegimeName } from '../regimes';
import { play } from '../play';
import { worksWith } from '../works';
import type { Leg } from '../course';

const AIR = STORAGE_AIR.indoors;
const NOT_KEPT: Kept = { kmPerCoat: null, kmPerClean: null, kmPerWipe: null };
const leg = (day: number, km = 50): Leg => ({
  at: day * MS_PER_DAY,
  x: dryRoad(km),
  air: AIR,
  stoodMm: 0,
});
const played = (course: Leg[], name: RegimeName, kept = NOT_KEPT, limit = 0.75) =>
  play(course, 0, {
    regime: { name, lube: 'wet', standard: 'tidy', kept },
    works: worksWith('wet', 'solvent'),
    limit,
    nature: HANDBOOK,
    chainSigma: 0,
    seed: 1,
    start: null,
  });

describe('ways of keeping a chain, by hand', () => {
  it('a Sunday after a week without a ride is left out', () => {
    // 1 January 1970 was a Thursday, day 3 the first Sunday. Rides on days 0 and 30: one round, three Sundays nothing to do.
    expect(played([leg(0), leg(30)], 'weekly')).toMatchObject({ coats: 1, cleans: 0 });
    const weekly = Array.from({ length: 9 }, (_, n) => leg(n * 7 + 1));
    // Sundays 3, 10 … 52: eight, of which each fourth is a clean, which coats too; the rest by their steps.
    expect(played(weekly, 'weekly')).toMatchObject({ coats: 8, cleans: 2 });
    expect(played(weekly, 'fortnightly')).toMatchObject({ coats: 4, cleans: 2 });
    expect(played(weekly, 'monthly')).toMatchObject({ coats: 2, cleans: 2 });
    // Saturday’s ride is lubed for on Sunday evening, not before: the coat of day 3 is on by Monday.
    expect(played([leg(2), leg(3.5)], 'weekly').coats).toBe(0);
    expect(played([leg(2), leg(4)], 'weekly').coats).toBe(1);
  });

  it('the chain that is on wears as it was found to, and only the next ones at a pace of their own', () => {
    const start = {
      state: startState(
        { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0 },
        0,
      ),
      cogs: 0,
    };
    const course = Array.from({ length: 20 }, (_, n) => leg(n));
    const worn = (chainSigma: number, of: typeof start | null) =>
      play(course, 0, {
        regime: { name: 'never', lube: 'wet', standard: 'tidy', kept: NOT_KEPT },
        works: worksWith('wet', 'solvent'),
        limit: 0.75,
        nature: HANDBOOK,
        chainSigma,
        seed: 1,
        start: of,
      }).chains;
    expect(worn(0.5, start)).toBe(worn(0, start));
    expect(worn(0.5, null)).not.toBe(worn(0, null));
  });

  it('a wipe is no coat', () => {
    const course = Array.from({ length: 6 }, (_, n) => leg(n));
    const kept = { ...NOT_KEPT, kmPerWipe: 100 };
    expect(played(course, 'kept', kept)).toMatchObject({ wipes: 2, coats: 0, cleans: 0 });
    // 2 to 5 minutes each.
    expect(played(course, 'kept', kept).minutes).toBe(7);
  });

  it('a chain ridden past 1 % takes a cassette along', () => {
    const { chains, cassettes } = played(
      Array.from({ length: 600 }, (_, n) => leg(n)),
      'never',
    );
    expect(cassettes / chains).toBeGreaterThan(0.9);
    expect(cassettes / chains).toBeLessThan(1.1);
  });

  it('looks before a ride, and does the least that will do', () => {
    const fresh = startState(
      { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0 },
      0,
    );
    const due = (name: RegimeName, state: Partial<ChainState>, kmSinceWipe = 0) =>
      dueBefore(
        { name, lube: 'wet', standard: 'tidy', kept: NOT_KEPT },
        { state: { ...fresh, ...state }, next: leg(1), kmSinceWipe },
      );
    expect(due('plan', {})).toBeNull();
    expect(due('plan', { outside: 0.36 })).toBe('wipe');
    expect(due('plan', { film: 0.2 })).toBe('topUp');
    expect(due('plan', { film: 0.2, outside: 0.36 })).toBe('topUp');
    expect(due('plan', { inside: 0.31, film: 0.2 })).toBe('clean');
    expect(due('plan', { wetLeftH: 30, film: 0.1 })).toBe('rescue');
    expect(due('squeak', { film: 0.05 })).toBeNull();
    expect(due('squeak', { film: 0.001 })).toBe('topUp');
    expect(due('never', { film: 0, inside: 1, outside: 1 })).toBeNull();
  });
});

describe('a year of a climate', () => {
  const place = { lat: 52, lon: 0 };
  const year = new ClimateYear(5, 2, 'temperate coast', place);

  it('has the rain, the road and the air of its hours, worked out another way', () => {
    const from = dayNumber('1973-01-01');
    const hours = generateDays(7, 'temperate coast', from, from + 120).flatMap((d) => d.hours);
    let road = ROAD_UNKNOWN;
    let wet = 0;
    hours.forEach((hour, h) => {
      road = roadAfter(road, hour, place, (from * 24 + h) * MS_PER_HOUR);
      if (h % 97 !== 0) return;
      const sky = year.skyOf(h, 1);
      expect(sky.wetShare).toBeCloseTo(wetShareOf(road), 5);
      expect(sky.rainMmPerH).toBeCloseTo(hour.rainMm, 5);
      expect(year.rainBetween(h, h + 1)).toBeCloseTo(hour.rainMm, 5);
      expect(year.airBetween(h, h + 1, 'outdoors').humidity).toBeCloseTo(hour.humidity, 5);
      if (sky.wetShare > 0) wet += 1;
    });
    expect(wet).toBeGreaterThan(3);
  });

  it('rains on a bike that stands outdoors, and on no other', () => {
    const rides = Array.from({ length: 40 }, (_, n) => ({
      startH: n * 48 + 9,
      km: 30,
      hours: 1.25,
      surface: 'paved' as const,
      mud: false,
      salted: false,
    }));
    const bike = { ...PRESETS.road.specs, id: 'b', name: 'b', retired: false, changedAt: '' };
    const rained = (storage: 'indoors' | 'shed' | 'outdoors') =>
      legsOfYear(rides, year, { bike: { ...bike, storage }, links: 114 }).reduce(
        (sum, l) => sum + l.stoodMm,
        0,
      );
    expect(rained('indoors')).toBe(0);
    expect(rained('shed')).toBe(0);
    expect(rained('outdoors')).toBeGreaterThan(20);
  });
});
