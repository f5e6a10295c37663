import { plannedRide } from '@/test/plannedRide';
import { IMPERIAL, METRIC } from '@/core/units/convert';
import type { RideLogged } from '../../records/event';
import { NOT_RECORDED } from '../../logbook/events';
import { dayNumber, daysAfter, dayWord, weekdayOf } from '../../time/dates';
import { dateOf, momentOf, timeOf } from '../../time/zones';
import { plannedFields, readPlanned } from '../../entry/plannedRide';
import { habitBeside, habitOf } from '../rides/habit';
import { overlapping, ridesAhead } from '../rides/occurrences';
import { datesOf } from '../rides/pattern';

const LONDON = 'Europe/London';
const weekly = (weekdays: number[], everyWeeks = 1, until: string | null = null) => ({
  weekdays,
  everyWeeks,
  until,
});

describe('days', () => {
  it('have the weekdays of the calendar (ISO 8601: 2026-11-24 is a Tuesday, week 48)', () => {
    expect(weekdayOf('2026-11-24')).toBe(2);
    expect(weekdayOf('2000-02-29')).toBe(2);
    expect(daysAfter('2026-12-31', 1)).toBe('2027-01-01');
    expect(daysAfter('2028-02-28', 1)).toBe('2028-02-29');
    expect(dayNumber('1970-01-01')).toBe(0);
  });

  it('are said as people say them', () => {
    expect(dayWord('2026-11-24', '2026-11-24')).toBe('Today');
    expect(dayWord('2026-11-25', '2026-11-24')).toBe('Tomorrow');
    expect(dayWord('2026-11-28', '2026-11-24')).toBe('Saturday');
  });

  it('keep a ride at its local hour when the clocks change (UK, 25 October 2026, 01:00 UTC)', () => {
    const before = momentOf('2026-10-24', '07:30', LONDON);
    const after = momentOf('2026-10-26', '07:30', LONDON);
    expect(after - before).toBe(49 * 3_600_000);
    expect(timeOf(after, LONDON)).toBe('07:30');
    expect(dateOf(momentOf('2026-03-29', '01:30', LONDON), LONDON)).toBe('2026-03-29');
  });
});

describe('a planned ride', () => {
  it('comes once on its day, and not when it was taken out', () => {
    expect(datesOf(plannedRide(), '2026-11-20', '2026-12-20')).toEqual(['2026-11-24']);
    expect(datesOf(plannedRide({ retired: true }), '2026-11-20', '2026-12-20')).toEqual([]);
  });

  it('comes on its weekdays, every so many weeks, until it ends, but for its exceptions', () => {
    const repeat = weekly([2, 4], 2, '2026-12-24');
    expect(
      datesOf(plannedRide({ repeat, except: ['2026-12-08'] }), '2026-11-20', '2027-01-20'),
    ).toEqual(['2026-11-24', '2026-11-26', '2026-12-10', '2026-12-22', '2026-12-24']);
  });

  it('that overlaps another starts when that one has ended, and the two are told', () => {
    const long = plannedRide({ id: 'p2', time: '07:00', distanceKm: 48 });
    const now = momentOf('2026-11-24', '05:00', LONDON);
    const ahead = ridesAhead({
      planned: [plannedRide(), long],
      habits: [],
      now,
      to: '2026-11-25',
      zone: LONDON,
    });
    expect(ahead.map((r) => [r.plannedId, r.time])).toEqual([
      ['p2', '07:00'],
      ['p1', '09:00'],
    ]);
    expect(overlapping([plannedRide(), long], '2026-11-24', '2026-11-25', LONDON)).toHaveLength(1);
  });

  it('that has started is no longer ahead', () => {
    const now = momentOf('2026-11-24', '08:00', LONDON);
    expect(
      ridesAhead({ planned: [plannedRide()], habits: [], now, to: '2026-11-25', zone: LONDON }),
    ).toEqual([]);
  });

  it('is read from its form, or says what is wrong with it', () => {
    const form = plannedFields(null, 'b1', '2026-11-24', IMPERIAL);
    const read = readPlanned({ ...form, distance: '10' }, IMPERIAL);
    expect(read.ok && read.value.distanceKm).toBeCloseTo(16.09344, 6);
    expect(readPlanned({ ...form, distance: '' }, METRIC)).toMatchObject({
      problems: { distance: { code: 'number/missing' } },
    });
    expect(readPlanned({ ...form, distance: '10', repeat: weekly([]) }, METRIC)).toMatchObject({
      problems: { repeat: { code: 'plan/no-weekday' } },
    });
    expect(
      readPlanned({ ...form, distance: '10', repeat: weekly([2], 1, '2026-11-01') }, METRIC),
    ).toMatchObject({ problems: { repeat: { code: 'plan/ends-before' } } });
    const again = readPlanned(plannedFields(plannedRide(), 'b1', '2026-11-24', METRIC), METRIC);
    expect(again.ok && again.value).toMatchObject({ id: 'p1', distanceKm: 24, time: '07:30' });
  });
});

describe('the habit', () => {
  const NOW = Date.parse('2026-11-24T10:00:00Z');
  const logged = (at: string, km: number): RideLogged => ({
    type: 'rideLogged',
    id: at,
    at,
    zone: LONDON,
    recordedAt: at,
    bikeId: 'b1',
    distanceKm: km,
    durationH: null,
    weather: 'dry',
    surface: 'gravel',
    mud: false,
    salted: false,
    note: 'Club run',
    ...NOT_RECORDED,
  });
  const sundays = [0, 1, 2, 3, 4, 5].map((w) =>
    logged(
      new Date(Date.parse('2026-11-22T09:00:00Z') - w * 7 * 86_400_000).toISOString(),
      50 + w * 4,
    ),
  );
  const stray = logged('2026-11-11T12:00:00.000Z', 20);

  it('is the weekdays ridden in half of the weeks, with their middle distance and hour', () => {
    const habit = habitOf([...sundays, stray], 'b1', NOW, LONDON);
    expect(habit).toHaveLength(1);
    expect(habit[0]).toMatchObject({
      distanceKm: 62,
      time: '09:00',
      surface: 'gravel',
      repeat: { weekdays: [7], everyWeeks: 1 },
    });
  });

  it('shows none of a bike hardly known, and gives way to what is planned', () => {
    expect(habitOf([stray], 'b1', NOW, LONDON)).toEqual([]);
    const [habit] = habitOf(sundays, 'b1', NOW, LONDON);
    const beside = habitBeside([habit!], new Set(['2026-11-29']), '2026-11-24', 28);
    expect(datesOf(beside[0]!, '2026-11-24', '2026-12-13')).toEqual(['2026-12-06', '2026-12-13']);
  });
});
