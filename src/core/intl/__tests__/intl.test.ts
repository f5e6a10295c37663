import fc from 'fast-check';
import { writtenAt } from '@/core/settings/regional';
import { IMPERIAL, METRIC } from '@/core/units/convert';
import { dayAndTime, timeIn, timeOfDay, timeText } from '../dates';
import { decimalSign } from '../numbers';
import { isZone, regionalOf } from '../device';

describe('times of day', () => {
  it('are read on a clock of 24 hours and on one of 12, noon and midnight too', () => {
    expect(['00:00', '00:05', '09:30', '12:00', '18:30'].map((t) => timeText(t, '12'))).toEqual([
      '12:00 am',
      '12:05 am',
      '9:30 am',
      '12:00 pm',
      '6:30 pm',
    ]);
    expect(timeText('00:05', '24')).toBe('00:05');
  });

  it('of any minute are the same on both clocks, by a count of their own', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1439 }), (minute) => {
        const [h, m] = [Math.floor(minute / 60), String(minute % 60).padStart(2, '0')];
        const stored = `${String(h).padStart(2, '0')}:${m}`;
        const at = Date.UTC(2026, 6, 1, h, minute % 60);
        expect(timeIn(at, 'UTC', '24')).toBe(stored);
        const twelve = `${h % 12 === 0 ? 12 : h % 12}:${m} ${h < 12 ? 'am' : 'pm'}`;
        expect(timeIn(at, 'UTC', '12')).toBe(twelve);
        expect(timeText(stored, '12')).toBe(twelve);
      }),
    );
  });

  it('are those of their zone', () => {
    const at = Date.UTC(2026, 6, 1, 12);
    expect(timeIn(at, 'Europe/London', '24')).toBe('13:00');
    expect(timeIn(at, 'Asia/Kolkata', '12')).toBe('5:30 pm');
  });

  it('stand after their day', () => {
    const at = new Date(2026, 10, 24, 18, 5).getTime();
    expect(dayAndTime(at, '24')).toBe('24 Nov 2026, 18:05');
    expect(dayAndTime(at, '12')).toBe('24 Nov 2026, 6:05 pm');
    expect(timeOfDay(at, '12')).toBe('6:05 pm');
  });
});

describe('what a rider of a region starts with', () => {
  // Unicode CLDR (hour cycles, first days of the week, measurement systems), from memory.
  it.each([
    ['en-US', IMPERIAL, '12', 7],
    ['de-DE', METRIC, '24', 1],
    ['en-GB', METRIC, '24', 1],
    ['en-CA', METRIC, '12', 7],
    ['ar-EG', METRIC, '12', 6],
    ['en-BS', { ...METRIC, temperature: 'F' }, '12', 7],
  ] as const)('%s', (language, units, clock, weekStart) => {
    expect(writtenAt(regionalOf(language))).toEqual({ units: { ...units, clock }, weekStart });
  });

  it('in Britain, who counts miles reads heat in °C and rain in millimetres', () => {
    expect(writtenAt(regionalOf('en-GB'), 'mi').units).toEqual({
      ...METRIC,
      distance: 'mi',
      height: 'ft',
    });
    expect(writtenAt(regionalOf('en-US'), 'km').units).toMatchObject({
      distance: 'km',
      rain: 'mm',
    });
  });
});

it('whatever a browser calls its language, a rider can begin', () => {
  for (const odd of ['', 'en_US', 'C', 'x'.repeat(99)])
    expect(writtenAt(regionalOf(odd))).toEqual({ units: METRIC, weekStart: 1 });
});

it('zones are known by name, the sign before tenths by the device', () => {
  expect(isZone('Europe/Lisbon')).toBe(true);
  expect(isZone('Europe/Nowhere')).toBe(false);
  expect((1.5).toLocaleString()).toBe(`1${decimalSign()}5`);
});
