import { say } from '../problems';

describe('a problem said', () => {
  it('puts distances in the rider’s units', () => {
    const problem = { code: 'distance/too-long', mostKm: 800 } as const;
    expect(say(problem, 'metric')).toContain('More than 800 km in one ride');
    expect(say(problem, 'imperial')).toContain('More than 495 mi in one ride');
  });

  it('names the row and the limits it is about', () => {
    expect(say({ code: 'csv/start', line: 7 }, 'metric')).toBe('The start in line 7 is no date.');
    expect(say({ code: 'amount/impossible', low: 0, high: 40 }, 'metric')).toBe(
      'Enter a number from 0 to 40.',
    );
  });

  it.each([
    ['log/2026-10', 'the month 2026-10'],
    ['garage', 'the garage'],
  ])('calls the stored part %s %s', (part, name) => {
    expect(say({ code: 'storage/damaged', part }, 'metric')).toContain(`Some of ${name} could not`);
  });

  it('says the same of a chain or bike whose record is gone', () => {
    expect(say({ code: 'chain/on-another-bike', bike: null }, 'metric')).toContain('on a bike at');
    expect(say({ code: 'chain/bike-has-one', chain: null }, 'metric')).toMatch(/^A chain is on/);
  });
});
