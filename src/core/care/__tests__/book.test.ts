import type { PlainEvent } from '@/core/records/event';
import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, type Body } from '@/test/events';
import { inFull } from '../replay/step';
import { Replay } from '../replay/replay';

const day = (n: number, hour = 8) => new Date(Date.UTC(2026, 3, 1 + n, hour)).toISOString();
const ride = (n: number, bikeId: string, distanceKm = 40, more = {}) =>
  rideBody(day(n), bikeId, distanceKm, more);
const fit = (n: number, chainId: string, bikeId: string): Body => ({
  type: 'chainFitted',
  at: day(n, 6),
  chainId,
  bikeId,
  start: null,
});
const off = (n: number, chainId: string): Body => ({
  type: 'chainRemoved',
  at: day(n, 20),
  chainId,
});

const played = (...bodies: Body[]) => new Replay(TEST_GARAGE, stamped(bodies));

describe('the book of chains and bikes', () => {
  it('a ride counts for the chain that was on the bike then', () => {
    const { book } = played(
      fit(0, 'c1', 'b1'),
      ride(1, 'b1'),
      off(2, 'c1'),
      fit(3, 'c2', 'b1'),
      ride(4, 'b1', 25),
    );
    expect(book.chains.get('c1')?.km).toBe(40);
    expect(book.chains.get('c2')?.km).toBe(25);
  });

  it('a ride written down late still goes to the chain of its day', () => {
    const replay = played(fit(0, 'c1', 'b1'), off(2, 'c1'), fit(3, 'c2', 'b1'));
    replay.add([
      { ...ride(1, 'b1', 33), id: 'late', zone: 'UTC', recordedAt: day(9) } as PlainEvent,
    ]);
    expect(replay.book.chains.get('c1')?.km).toBe(33);
    expect(replay.book.chains.get('c2')?.km).toBe(0);
  });

  it('a ride on a bike without a chain is on record and touches none', () => {
    const { steps, book } = played(ride(1, 'b1'), fit(2, 'c1', 'b1'));
    expect(steps[0]).toMatchObject({ chainId: null, after: null });
    expect(book.chains.get('c1')?.km).toBe(0);
  });

  it('a chain rests off the bike and goes on as it was', () => {
    const before = played(fit(0, 'c1', 'b1'), ride(1, 'b1'), off(2, 'c1')).book.chains.get('c1');
    const after = played(fit(0, 'c1', 'b1'), ride(1, 'b1'), off(2, 'c1'), fit(30, 'c1', 'b2')).book;
    expect(after.fitted.get('b2')).toBe('c1');
    expect(after.fitted.has('b1')).toBe(false);
    expect(after.chains.get('c1')?.outside).toBe(before?.outside);
    expect(after.chains.get('c1')?.film).toBeLessThan(before?.film ?? 0);
  });

  it('fitting a chain takes off whatever was in the way', () => {
    const { book } = played(fit(0, 'c1', 'b1'), fit(1, 'c2', 'b1'), fit(2, 'c2', 'b2'));
    expect([...book.fitted]).toEqual([['b2', 'c2']]);
  });

  it('the grit on the cogs stays with the bike: a clean chain on it is dirty sooner', () => {
    const muddy = [
      fit(0, 'c1', 'b1'),
      ride(1, 'b1', 60, { mud: true }),
      off(2, 'c1'),
      fit(3, 'c2', 'b1'),
      ride(4, 'b1'),
    ];
    const clean = [fit(0, 'c1', 'b1'), off(2, 'c1'), fit(3, 'c2', 'b1'), ride(4, 'b1')];
    const dirt = (bodies: Body[]) => played(...bodies).book.chains.get('c2')?.outside ?? 0;
    expect(dirt(muddy)).toBeGreaterThan(1.3 * dirt(clean));
  });

  it('mudguards keep water off, a motor eats film', () => {
    const film = (more: object, weather: object) => {
      const garage = { ...TEST_GARAGE, bikes: { b1: { ...TEST_GARAGE.bikes.b1!, ...more } } };
      const events = [fit(0, 'c1', 'b1'), ride(1, 'b1', 40, weather)];
      return new Replay(garage, stamped(events)).book.chains.get('c1')?.film ?? 0;
    };
    const rain = { weather: 'downpour' };
    expect(film({ mudguards: true }, rain)).toBeGreaterThan(film({ mudguards: false }, rain));
    expect(film({ ebike: true }, {})).toBeLessThan(film({ ebike: false }, {}));
  });

  it('a step in full tells what the ride took, and it agrees with what it left', () => {
    const replay = played(fit(0, 'c1', 'b1'), ride(3, 'b1', 50, { weather: 'wet' }));
    const step = inFull(replay.steps[1]!);
    const lost = (step.before?.film ?? 0) - (step.after?.film ?? 0);
    const { filmByDistance, filmByWater } = step.effect!;
    expect(filmByDistance + filmByWater).toBeCloseTo(lost, 9);
    expect(step.before?.at).toBe(Date.parse(day(3)));
    expect(step.exposure).toMatchObject({ km: 50, wetShare: 1 });
  });

  it('hands out what nobody can change', () => {
    const { steps, book } = played(fit(0, 'c1', 'b1'), ride(1, 'b1'));
    const step = steps[1]!;
    expect(() => Object.assign(step, { cogsAfter: 0 })).toThrow(TypeError);
    expect(() => Object.assign(step.after!, { film: 1 })).toThrow(TypeError);
    expect(() => Object.assign(book.chains.get('c1')!, { film: 1 })).toThrow(TypeError);
  });
});
