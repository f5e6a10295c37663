import type { PlainEvent } from '@/core/records/event';
import { TEST_GARAGE } from '@/test/arbitraries';
import { METRIC } from '@/core/units/convert';
import { eventLine, namedEventLine } from '../event';

const part = { id: 'p', name: '11–36 cassette' };
const garage = { ...TEST_GARAGE, parts: { p: part } } as unknown as typeof TEST_GARAGE;
const event = (type: string, more: object) => ({ type, ...more }) as unknown as PlainEvent;
const line = (e: PlainEvent) => namedEventLine({ event: e, sky: null }, garage, METRIC);

describe('an event by name', () => {
  it.each([
    [event('chainFitted', { chainId: 'c1' }), 'c1 fitted'],
    [event('chainRemoved', { chainId: 'gone' }), 'A chain taken off'],
    [event('partFitted', { partId: 'p' }), '11–36 cassette fitted'],
    [event('partRemoved', { partId: 'gone' }), 'A part taken off'],
    [event('gotWet', { how: 'washed' }), 'Washed, left wet'],
  ])('%j', (e, said) => {
    expect(line(e)).toBe(said);
  });

  it('is said without names where there is no room for them', () => {
    expect(eventLine(event('partFitted', {}), METRIC)).toBe('Part fitted');
    expect(eventLine(event('partRemoved', {}), METRIC)).toBe('Part taken off');
  });
});
