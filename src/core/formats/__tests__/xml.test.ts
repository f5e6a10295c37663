import fc from 'fast-check';
import { xmlMoment, xmlNumber } from '../xml';
import { cases } from '@/test/cases';

describe('what stands in XML', () => {
  it('a moment reads as the language’s own parser has it, whatever its form', () => {
    const dates = fc.date({
      min: new Date(0),
      max: new Date('2100-01-01'),
      noInvalidDate: true,
    });
    const forms = fc.oneof(
      dates.map((d) => `${d.toISOString().slice(0, 19)}Z`),
      dates.map((d) => d.toISOString()),
      // A figure spoiled, a sign too many.
      fc.tuple(dates, fc.nat(22)).map(([d, n]) => {
        const text = d.toISOString();
        return `${text.slice(0, n)}x${text.slice(n + 1)}`;
      }),
      dates.map((d) => `${d.toISOString().slice(0, 22)}Z`),
      fc.constantFrom(
        '2026-02-30T10:00:00Z',
        '2026-13-01T10:00:00Z',
        '2026-11-24T24:00:00Z',
        '2026-11-24T08:60:00Z',
        '2026-11-24T08:30:05.250Z',
        '2026-11-24T08:30:05+02:00',
        ' 2026-11-24T08:30:05Z ',
        'yesterday',
        '',
      ),
    );
    fc.assert(
      fc.property(forms, (text) => {
        const ms = Date.parse(text.trim());
        expect(xmlMoment(text)).toBe(Number.isNaN(ms) ? null : ms);
      }),
      { seed: 61, numRuns: cases(1000) },
    );
  });

  it('a number is a number, and blanks are none', () => {
    expect(xmlNumber(' 48.5 ')).toBe(48.5);
    expect(xmlNumber('0')).toBe(0);
    for (const none of [undefined, '', '  ', 'n/a']) expect(xmlNumber(none)).toBeNaN();
  });
});
