import {
  articulationsPerMinute,
  dropsPerCoat,
  dropsToMl,
  elongationPercent,
  PITCH_MM,
  pitchesMm,
  turnsPerLap,
  wearLimitPercent,
} from '../geometry';

describe('chain geometry', () => {
  it('has the pitch of ISO 9633:2001: half an inch, 24 pitches in a foot', () => {
    expect(PITCH_MM).toBe(25.4 / 2);
    expect(pitchesMm(24)).toBeCloseTo(304.8, 9);
  });

  it('reads 0.5 % at 1.5 mm and 1 % at 3.05 mm over 24 pitches (common practice)', () => {
    expect(elongationPercent(304.8 + 1.524, 24)).toBeCloseTo(0.5, 6);
    expect(elongationPercent(304.8 + 3.048, 24)).toBeCloseTo(1, 6);
  });

  it('takes 2.28 crank turns for a lap of 114 links on a 50 ring (common practice)', () => {
    expect(turnsPerLap(114, 50)).toBeCloseTo(2.28, 10);
  });

  it('articulates about 40,000 times a minute at 90 rpm on a road ring (common practice)', () => {
    expect(articulationsPerMinute(90, 53)).toBe(38_160);
    expect(Math.abs(articulationsPerMinute(90, 53) / 40_000 - 1)).toBeLessThan(0.05);
  });

  it('doses a drop per roller; 20 drops of water are a millilitre (metric drop, from memory)', () => {
    expect(dropsPerCoat(114)).toBe(114);
    expect(dropsPerCoat(114, 2)).toBe(228);
    expect(dropsToMl(20)).toBe(1);
    expect(dropsToMl(114)).toBeCloseTo(5.7, 10);
  });

  it.each([
    [12, 'derailleur', 0.5],
    [11, 'derailleur', 0.5],
    [10, 'derailleur', 0.75],
    [8, 'hub', 1],
    [1, 'single', 1],
  ] as const)('replaces a %d speed %s chain at %d %% (common practice)', (speeds, gear, limit) => {
    expect(wearLimitPercent(speeds, gear)).toBe(limit);
  });
});
