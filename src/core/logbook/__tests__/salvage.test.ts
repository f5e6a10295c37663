import fc from 'fast-check';
import { endOfValue } from '../balanced';
import { salvage } from '../salvage';
import { cases } from '@/test/cases';

describe('where a value ends', () => {
  it('is after the bracket that closes its first, whatever strings hold', () => {
    fc.assert(
      fc.property(fc.object({ maxDepth: 3 }), fc.string(), (value, after) => {
        const text = JSON.stringify(value);
        expect(endOfValue(`${text}${after}`, 0)).toBe(text.length);
        // Cut off anywhere, it does not close.
        expect(endOfValue(text.slice(0, -1), 0)).toBe(-1);
      }),
      { numRuns: cases(300), seed: 5 },
    );
  });

  it.each([
    ['{"a":"}"}x', 0, 9],
    ['{"a":"\\"}"}', 0, 11],
    ['{"a":"\\\\"}', 0, 10],
    ['[[1],[2]] ', 0, 9],
    ['ab{"c":1}', 2, 9],
    ['{"a":[1}', 0, -1],
  ])('%s from %i: %i', (text, start, end) => {
    expect(endOfValue(text, start)).toBe(end);
  });

  it('is given up after so many characters', () => {
    expect(endOfValue('{"a":1}', 0, 7)).toBe(7);
    expect(endOfValue('{"a":1}', 0, 6)).toBe(-1);
  });
});

describe('taking whole objects out of a damaged text', () => {
  const event = { type: 'rideLogged', id: 'r1', note: '{"id":"no"}' };
  const bike = { id: 'b1', name: 'bikes' };
  const chain = { id: 'c1', sizes: { id: 'inner' } };
  const whole = JSON.stringify({
    garage: { bikes: { b1: bike }, chains: { c1: chain } },
    settings: { units: 'imperial', plan: { days: 28 } },
    log: { '2026-05': [event, { ...event, id: 'r2' }] },
  });

  it('finds records under their kind, settings and events of a text cut off', () => {
    const found = salvage(whole.slice(0, -3));
    expect(found.garage).toEqual({ bikes: { b1: bike }, chains: { c1: chain } });
    expect(found.settings).toEqual({ units: 'imperial', plan: { days: 28 } });
    expect(found.events).toEqual([event, { ...event, id: 'r2' }]);
  });

  it('loses only what was overwritten', () => {
    const at = whole.indexOf('"rideLogged"');
    const found = salvage(`${whole.slice(0, at)}#### ${whole.slice(at + 5)}`.slice(1));
    expect(found.events).toEqual([{ ...event, id: 'r2' }]);
    expect(found.garage.bikes).toEqual({ b1: bike });
  });

  it('takes an object without a kind before it for an event, and one without an id for nothing', () => {
    expect(salvage('# {"id":"x"} {"a":1} {"id":2}')).toEqual({
      events: [{ id: 'x' }],
      garage: {},
      settings: undefined,
    });
    expect(salvage('')).toEqual({ events: [], garage: {}, settings: undefined });
    expect(salvage('"settings" : {"a":1').settings).toBeUndefined();
    expect(salvage('"settings" : {"a":1}').settings).toEqual({ a: 1 });
  });

  it('ends within its budget on brackets that never close', () => {
    expect(salvage('{'.repeat(20_000)).events).toEqual([]);
  });
});
