import type { BillSection } from '../../care/bill/billTypes';
import type { Verdict } from '../../care/verdict/verdict';
import { decidingSection, decidingSentence, printed, sourceLine } from '../bill';
import { METRIC } from '@/core/units/convert';

describe('what a bill rests on, in words', () => {
  it('says wear by 1,000 km, in figures a rider reads', () => {
    expect(sourceLine({ kind: 'constant', name: 'wearPerKm' }, METRIC)).toBe(
      'Clean and lubed: 0.028 % per 1,000 km; fitted to common practice; 0.02 to 0.04.',
    );
  });

  it('says wash-off with its spread, half to twice', () => {
    expect(sourceLine({ kind: 'wash-off', perMm: 0.03 }, METRIC)).toBe(
      'Wash-off: 0.03 of the film per mm; fitted to common practice; 0.015 to 0.06.',
    );
  });
});

describe('a section as printed', () => {
  const section = (unit: BillSection['unit'], ...amounts: number[]): BillSection => ({
    name: 'film',
    unit,
    lines: amounts.map((amount) => ({ item: { kind: 'start' }, amount })),
    total: 0,
    limit: null,
    sources: [],
  });

  it('adds up, where rounding each line would not: 100 − 1 − 4 − 2 is not 92', () => {
    expect(printed(section('share', 1, -0.013, -0.044, -0.023))).toEqual({
      lines: ['100 %', '−1 %', '−5 %', '−2 %'],
      total: '92 %',
    });
  });

  it('of small amounts in tenths, of wear and watts in their own figures', () => {
    expect(printed(section('share', 0, 0.002, 0.05)).lines).toEqual(['0.0 %', '+0.2 %', '+5.0 %']);
    expect(printed(section('%', 0.1, 0.004, 0.004))).toEqual({
      lines: ['0.10 %', '+0.01 %', '0.00 %'],
      total: '0.11 %',
    });
    expect(printed(section('W', 1.04, 2.04, 0.05)).total).toBe('3.1 W');
    expect(printed(section('W', 1, 0.04)).lines).toEqual(['1.00 W', '+0.04 W']);
  });
});

describe('what decided', () => {
  const clocks = [
    { name: 'film', reading: 0.9, limit: 0.15, fired: false },
    { name: 'outside', reading: 0.2, limit: 0.35, fired: false },
    { name: 'wear', reading: 0.2, limit: 0.5, fired: false },
  ] as const;
  const decided = (clock: 'film' | 'outside' | 'wear' | 'bare', km: number | null, far = false) =>
    decidingSentence(
      {
        clock,
        clocks,
        distanceKm: km === null ? null : { low: km, mid: km, high: km },
        beyondHorizon: far,
      } as unknown as Verdict,
      METRIC,
    );

  it('is said with its limit and distance, or as passed', () => {
    expect(decided('outside', 22)).toBe('Dirt outside reaches your 35 % in 22 km.');
    expect(decided('film', 330)).toBe('Lube comes down to its last 15 % in 330 km.');
    expect(decided('wear', 100)).toBe('Chain wear reaches its limit of 0.5 % in 100 km.');
    expect(decided('outside', null)).toBe('Dirt outside is beyond your 35 %.');
    expect(decided('bare', null)).toBe('There is no lube on the chain.');
    const sections = (['outside', 'wear', 'film', 'bare'] as const).map((clock) =>
      decidingSection({ clock } as Verdict),
    );
    expect(sections).toEqual(['outside', 'wear', 'film', 'film']);
    expect(decided('film', 1500, true)).toBe('Nothing reaches its limit within 1,500 km.');
  });
});
