import { agendaItem } from '@/test/agendaItem';
import type { MorningCoat, NextRide } from '../../plan/agenda/beforeRide';
import { eveSentence, whyMorning, type EveOf } from '../beforeRide';

const TODAY = '2026-11-24';
const at = Date.parse('2026-11-25T07:10:00Z');
const NEXT: NextRide = { at, date: '2026-11-25', wet: 0.1, lube: 'dry' };
const MORNING: MorningCoat = {
  ...{ bikeId: 'b', bikeName: 'Quay commuter', chainId: 'c', date: '2026-11-25', minutes: 3 },
  ...{ from: at - 33 * 60_000, rideAt: at, bottleId: null, lubeName: 'House dry lube' },
  why: 'runs dry',
};
const TONIGHT = agendaItem({
  date: TODAY,
  from: Date.parse(`${TODAY}T18:00:00Z`),
  startBy: Date.parse(`${TODAY}T20:14:00Z`),
  readyBy: at,
});
const eve = (more: Partial<EveOf>) =>
  eveSentence({
    next: NEXT,
    job: null,
    morning: null,
    today: TODAY,
    zone: 'UTC',
    clock: '24',
    ...more,
  });

describe('the line of the evening before', () => {
  it('says by when to start, or which bottle to take', () => {
    expect(eve({ job: TONIGHT })).toBe(
      'Start by 20:00, so that it is set by 07:10, or take a small bottle of dry lube along.',
    );
    expect(eve({ job: TONIGHT, next: { ...NEXT, wet: 0.5 } })).toMatch(/bottle of wet lube along/);
    const early = { ...TONIGHT, startBy: Date.parse('2026-11-25T05:00:00Z') };
    expect(eve({ job: early })).toBe(
      'Do it this evening, or take a small bottle of dry lube along.',
    );
    expect(eve({ job: { ...TONIGHT, date: '2026-11-25' } })).toBeNull();
  });

  it('says the thin coat of the morning, with the bottle where rain is likely', () => {
    expect(eve({ morning: MORNING })).toBe(
      'Tomorrow at 06:37, half an hour before the ride, put on a thin coat of House dry lube.',
    );
    expect(eve({ morning: MORNING, next: { ...NEXT, wet: 0.5 } })).toMatch(
      /Rain is likely: take a small bottle of wet lube along\.$/,
    );
    expect(whyMorning(MORNING)).toContain('run out');
    expect(whyMorning({ ...MORNING, why: 'a week old' })).toContain('a week');
    // A coat for a later ride is said when that one is next.
    expect(eve({ morning: { ...MORNING, rideAt: at + 1 } })).toBeNull();
  });

  it('says the bottle alone, or nothing', () => {
    expect(eve({ next: { ...NEXT, wet: 0.5 } })).toBe(
      'Rain is likely on the ride tomorrow: take a small bottle of wet lube along.',
    );
    expect(eve({ next: { ...NEXT, date: TODAY, wet: 0.5 } })).toContain('on the ride today');
    expect(eve({})).toBeNull();
    expect(eve({ next: null, job: TONIGHT, morning: MORNING })).toBeNull();
  });
});
