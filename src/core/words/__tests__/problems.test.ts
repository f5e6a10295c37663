import { say, sayOf } from '../problems';
import { IMPERIAL, METRIC } from '@/core/units/convert';

describe('a problem said', () => {
  it('puts distances in the rider’s units', () => {
    const problem = { code: 'distance/too-long', mostKm: 800 } as const;
    expect(say(problem, METRIC)).toContain('More than 800 km in one ride');
    expect(say(problem, IMPERIAL)).toContain('More than 495 mi in one ride');
  });

  it('names the row and the limits it is about', () => {
    expect(say({ code: 'csv/start', line: 7 }, METRIC)).toBe('The start in line 7 is no date.');
    expect(say({ code: 'amount/impossible', low: 0, high: 40 }, METRIC)).toBe(
      'Enter a number from 0 to 40.',
    );
  });

  it.each([
    ['log/2026-10', 'the month 2026-10'],
    ['garage', 'the garage'],
  ])('calls the stored part %s %s', (part, name) => {
    expect(say({ code: 'storage/damaged', part }, METRIC)).toContain(`Some of ${name} could not`);
  });

  it('says the same of a chain or bike whose record is gone', () => {
    expect(say({ code: 'chain/on-another-bike', bike: null }, METRIC)).toContain('on a bike at');
    expect(say({ code: 'chain/bike-has-one', chain: null }, METRIC)).toMatch(/^A chain is on/);
  });
});

it('says what is wrong outside of whoever it is', () => {
  expect(sayOf('The recorder', { code: 'outside/offline' }, METRIC)).toBe(
    'The recorder does not answer. Nothing was changed; try again later.',
  );
  const refused = { code: 'outside/refused', reason: 'The forecast reaches ten days.' } as const;
  expect(sayOf('The weather service', refused, METRIC)).toBe(
    'The weather service refused. The forecast reaches ten days. Nothing was changed.',
  );
});
