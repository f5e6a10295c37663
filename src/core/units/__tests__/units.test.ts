import { IMPERIAL, METRIC } from '@/core/units/convert';
import {
  formatClimb,
  formatDistance,
  formatDistanceRange,
  formatHours,
  formatRain,
  formatShare,
  formatSmallShare,
  formatTemperature,
  formatWind,
  roundForUse,
} from '../format';
import {
  fromShownDistance,
  fromShownTemperature,
  KM_PER_MILE,
  toShownDistance,
  toShownTemperature,
} from '../convert';

describe('units', () => {
  it('uses the international mile of 1,609.344 m (exact, 1959)', () => {
    expect(KM_PER_MILE).toBe(1.609344);
    expect(toShownDistance(fromShownDistance(26.2, IMPERIAL), IMPERIAL)).toBeCloseTo(26.2, 12);
  });

  it.each([
    [3.14, 3.1],
    [62.4, 62],
    [187, 185],
    [1234, 1230],
    [-0.04, -0],
  ])('rounds %d to %d, as a rider can use it', (x, rounded) => {
    expect(roundForUse(x)).toBeCloseTo(rounded, 10);
  });

  it('says distances and ranges without false precision', () => {
    expect(formatDistance(62.4, METRIC)).toBe('62 km');
    expect(formatDistance(100, IMPERIAL)).toBe('62 mi');
    expect(formatDistanceRange({ low: 54.6, mid: 62, high: 75.2 }, METRIC)).toBe('55 to 75 km');
    expect(formatDistanceRange({ low: 61.8, mid: 62, high: 62.2 }, METRIC)).toBe('62 km');
  });

  it('says shares without a negative nothing', () => {
    expect(formatShare(0.384)).toBe('38 %');
    expect(formatShare(-0.001)).toBe('0 %');
    expect(formatSmallShare(-0.0044)).toBe('-0.4 %');
  });

  it.each([
    [0.25, '15 min'],
    [2, '2 h'],
    [9, 'about a night'],
    [30, 'about a day'],
    [70, '3 days'],
  ])('says %d hours as “%s”', (hours, words) => {
    expect(formatHours(hours)).toBe(words);
  });
});

// Mile and foot of 1959, inch of 25.4 mm; 8 °C is 46.4 °F.
it('each figure goes by its own unit', () => {
  const british = { ...METRIC, distance: 'mi', height: 'ft' } as const;
  expect(formatDistance(100, british)).toBe('62 mi');
  expect(formatClimb(310, british)).toBe('1,017 ft');
  expect(formatTemperature(8, british)).toBe('8 °C');
  expect(formatRain(1.8, british)).toBe('1.8 mm');
  expect(formatWind(5, british)).toBe('11 mph');
  const other = { ...METRIC, temperature: 'F', rain: 'in' } as const;
  expect(formatDistance(100, other)).toBe('100 km');
  expect(formatClimb(310, other)).toBe('310 m');
  expect(formatTemperature(8, other)).toBe('46 °F');
  expect(toShownTemperature(fromShownTemperature(46, other), british)).toBeCloseTo(7.8, 1);
  expect(formatRain(1.8, other)).toBe('0.07 in');
  expect(formatWind(5, other)).toBe('18 km/h');
  expect(formatClimb(310, { ...METRIC, distance: 'mi' })).toBe('310 m');
});
