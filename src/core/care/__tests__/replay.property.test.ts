import { dryRoad, ridingOn } from '@/test/dryRoad';
import fc from 'fast-check';
import { logbookEvents, plainEvent, rideEvent, TEST_GARAGE, workEvent } from '@/test/arbitraries';
import { effectiveEvents } from '@/core/logbook/resolve';
import type { LogEvent } from '@/core/records/event';
import { exposedBy } from '@/test/chains';
import { STORAGE_AIR } from '@/core/weather/drying';
import { HANDBOOK, NOT_LEARNT } from '../model/personal';
import { judge } from '../verdict/verdict';
import { METHODS, work } from '../model/work';
import { Replay } from '../replay/replay';
import { ride } from '../model/ride';
import { rodeOn } from '../model/stand';
import { startState, type ChainState } from '../model/state';
import { cases } from '@/test/cases';

const shuffled = (events: readonly LogEvent[], seed: number): LogEvent[] =>
  [...events]
    .map((e, i) => [Math.sin(seed + i * 12.9898) * 43758.5453, e] as const)
    .sort((a, b) => (a[0] % 1) - (b[0] % 1))
    .map(([, e]) => e);

const bookOf = (replay: Replay) => ({
  chains: [...replay.book.chains].sort(),
  fitted: [...replay.book.fitted].sort(),
  cogs: [...replay.book.cogs].sort(),
});

const anyState: fc.Arbitrary<ChainState> = fc
  .record({
    film: fc.double({ min: 0, max: 1, noNaN: true }),
    outside: fc.double({ min: 0, max: 1, noNaN: true }),
    inside: fc.double({ min: 0, max: 1, noNaN: true }),
    lube: fc.constantFrom('wet' as const, 'dry' as const, 'hot wax' as const, null),
    wipeMissed: fc.boolean(),
  })
  .map((part) => ({
    ...startState(
      { lube: part.lube, kmSinceLube: 0, look: 'used', kmBefore: 0, wearPercent: null },
      0,
    ),
    ...part,
    film: part.lube ? part.film : 0,
  }));

describe('replay', () => {
  it('does not depend on the order in which events were written down', () => {
    fc.assert(
      fc.property(logbookEvents, fc.nat(), (events, seed) => {
        const inOrder = new Replay(TEST_GARAGE, events);
        const mixed = new Replay(TEST_GARAGE, shuffled(events, seed));
        expect(bookOf(mixed)).toEqual(bookOf(inOrder));
      }),
    );
  });

  it('gives the same by adding events piece by piece as by playing all at once', () => {
    fc.assert(
      fc.property(logbookEvents, fc.nat(), fc.integer({ min: 1, max: 9 }), (events, seed, size) => {
        const full = new Replay(TEST_GARAGE, events);
        const grown = new Replay(TEST_GARAGE, []);
        const mixed = shuffled(events, seed);
        for (let i = 0; i < mixed.length; i += size) grown.add(mixed.slice(i, i + size));
        expect(bookOf(grown)).toEqual(bookOf(full));
        expect(grown.steps).toEqual(full.steps);
      }),
    );
  });

  it('keeps full and incremental replay equal across many snapshots', () => {
    const events = fc.sample(plainEvent, { numRuns: cases(400), seed: 7 }).map((e, i) => ({
      ...e,
      id: `e${String(i).padStart(5, '0')}`,
    }));
    const late = fc
      .sample(rideEvent, { numRuns: 5, seed: 8 })
      .map((e, i) => ({ ...e, id: `f${i}` }));
    const grown = new Replay(TEST_GARAGE, events);
    for (const event of late) grown.add([event]);
    expect(grown.steps).toEqual(new Replay(TEST_GARAGE, [...events, ...late]).steps);
  });

  it('a strike undone is as if nothing had been struck', () => {
    fc.assert(
      fc.property(logbookEvents, fc.nat(), (events, pick) => {
        const target = events[pick % events.length] as LogEvent;
        const at = '2026-07-01T00:00:00.000Z';
        const strike = (id: string, of: string): LogEvent => ({
          type: 'eventStruck',
          id,
          at,
          zone: 'Europe/London',
          recordedAt: at,
          target: of,
        });
        const undone = [...events, strike('z1', target.id), strike('z2', 'z1')];
        expect(effectiveEvents(undone)).toEqual(effectiveEvents(events));
      }),
    );
  });

  it('corrections that name each other in a ring strike nothing and end', () => {
    const [event] = fc.sample(plainEvent, { numRuns: 1, seed: 3 });
    const at = '2026-07-01T00:00:00.000Z';
    const base = { type: 'eventStruck' as const, at, zone: 'UTC', recordedAt: at };
    const ring: LogEvent[] = [
      { ...base, id: 'x', target: 'y' },
      { ...base, id: 'y', target: 'x' },
    ];
    const replay = new Replay(TEST_GARAGE, [{ ...(event as LogEvent), id: 'a' }]);
    const before = replay.steps.length;
    replay.add(ring);
    expect(replay.steps).toHaveLength(before);
  });
});

describe('a ride', () => {
  it('never raises the film and never lowers grit or wear, but for what water washes out', () => {
    fc.assert(
      fc.property(
        anyState,
        fc.double({ min: 0, max: 1, noNaN: true }),
        rideEvent,
        (state, cogs, event) => {
          const exposure = exposedBy(event, TEST_GARAGE.bikes[event.bikeId]);
          const after = ride(state, cogs, exposure, HANDBOOK);
          expect(after.state.film).toBeLessThanOrEqual(state.film);
          expect(after.state.outside).toBeGreaterThanOrEqual(state.outside);
          const washed = Math.exp(-0.03 * exposure.waterMm);
          expect(after.state.inside).toBeGreaterThan(state.inside * washed - 1e-12);
          expect(after.state.wear).toBeGreaterThan(state.wear);
          expect(after.cogs).toBeGreaterThanOrEqual(cogs);
          expect(after.state.outside).toBeLessThanOrEqual(1);
          expect(after.state.inside).toBeLessThanOrEqual(1);
        },
      ),
    );
  });

  it('of 80 km leaves the chain as two of 40 km do', () => {
    const state = startState(
      { lube: 'wet', kmSinceLube: 60, look: 'used', kmBefore: 0, wearPercent: 0 },
      0,
    );
    const x = {
      km: 80,
      hours: 4,
      wetShare: 1,
      waterMm: 3,
      onChainMm: 0,
      dirtPerKm: 2,
      wetDirtPerKm: 0,
      salted: false,
      load: 1,
    };
    const half = { ...x, km: 40, hours: 2, waterMm: 1.5 };
    const once = ride(state, 0.4, x, HANDBOOK);
    const first = ride(state, 0.4, half, HANDBOOK);
    const twice = ride(first.state, first.cogs, half, HANDBOOK);
    for (const key of ['film', 'outside', 'inside', 'wear'] as const)
      expect(twice.state[key]).toBeCloseTo(once.state[key], 10);
  });

  it('adds up: the lines of its effect are what the readings moved by', () => {
    fc.assert(
      fc.property(anyState, rideEvent, (state, event) => {
        const { state: after, effect } = ride(state, 0.5, exposedBy(event), HANDBOOK);
        const film = effect.filmByDistance + effect.filmByWater + effect.filmByEarlyStart;
        expect(film).toBeCloseTo(state.film - after.film, 9);
        expect(effect.outsideByRoad + effect.outsideByCogs).toBeCloseTo(
          after.outside - state.outside,
          9,
        );
      }),
    );
  });

  it('in more water never leaves more film', () => {
    fc.assert(
      fc.property(anyState, fc.double({ min: 0, max: 20, noNaN: true }), (state, more) => {
        const x = {
          km: 40,
          hours: 2,
          wetShare: 1,
          waterMm: 1,
          onChainMm: 0,
          dirtPerKm: 2,
          wetDirtPerKm: 0,
          salted: false,
          load: 1,
        };
        const dry = ride(state, 0, x, HANDBOOK).state.film;
        expect(
          ride(state, 0, { ...x, waterMm: 1 + more }, HANDBOOK).state.film,
        ).toBeLessThanOrEqual(dry);
      }),
    );
  });

  it('ridden before the coat has set throws part of it off', () => {
    const air = STORAGE_AIR.indoors;
    const lube = { lubeClass: 'dry' as const, coat: 1, wiped: true };
    const spec = {
      method: 'none',
      cogsCleaned: false,
      baths: { count: 3, ml: 150 },
      drying: 'towel',
      lube,
    } as const;
    const fresh = work(
      startState({ lube: null, kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: null }, 0),
      0,
      spec,
      { air },
    ).state;
    const x = dryRoad(1);
    const atOnce = ride(fresh, 0, x, HANDBOOK).state.film;
    const halfway = ride({ ...fresh, at: (fresh.lubedAt + fresh.setAt) / 2 }, 0, x, HANDBOOK).state
      .film;
    const set = ride({ ...fresh, at: fresh.setAt }, 0, x, HANDBOOK).state.film;
    expect(atOnce).toBeCloseTo(0.5, 1);
    expect(halfway).toBeCloseTo(0.75, 1);
    expect(set).toBeGreaterThan(0.98);
  });
});

describe('work', () => {
  it('that cleans without lube always ends in the bare verdict', () => {
    fc.assert(
      fc.property(anyState, workEvent, (state, event) => {
        const cleaning = METHODS[event.method].film === 0;
        fc.pre(cleaning);
        const dried = { ...event, drying: 'towel and air' as const, lube: null };
        const after = work(state, 0.3, dried, { air: STORAGE_AIR.indoors }).state;
        const verdict = judge({
          state: after,
          cogs: 0.3,
          chain: TEST_GARAGE.chains.c1,
          air: STORAGE_AIR.indoors,
          limits: { standard: 'tidy', wearPercent: 0.75 },
          typical: ridingOn(dryRoad(1), { rides: 0 }),
          learnt: NOT_LEARNT,
          between: 'solvent',
          usualLube: 'wet',
        });
        expect(verdict.kind).toBe('bare');
        expect(verdict.proposal.spec.lube).not.toBeNull();
      }),
    );
  });

  it('never adds grit', () => {
    fc.assert(
      fc.property(anyState, workEvent, (state, event) => {
        const { state: after, cogs } = work(state, 0.5, event, { air: STORAGE_AIR.shed });
        expect(after.outside).toBeLessThanOrEqual(state.outside);
        expect(after.inside).toBeLessThanOrEqual(state.inside);
        expect(cogs).toBeLessThanOrEqual(0.5);
      }),
    );
  });

  it('lubing over grit gives a shorter life than lubing a clean chain', () => {
    const spec = {
      method: 'none',
      cogsCleaned: false,
      baths: { count: 3, ml: 150 },
      drying: 'towel',
      lube: { lubeClass: 'wet', coat: 1, wiped: true },
    } as const;
    const start = startState(
      { lube: null, kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: null },
      0,
    );
    const clean = work({ ...start, inside: 0 }, 0, spec, { air: STORAGE_AIR.indoors }).state;
    const dirty = work({ ...start, inside: 0.6 }, 0, spec, { air: STORAGE_AIR.indoors }).state;
    expect(clean.lifeKm).toBe(400);
    expect(dirty.lifeKm).toBeCloseTo(280, 6);
  });
});

describe('getting wet', () => {
  it('leaves a chain wet for longer outdoors than indoors, and drying ends it', () => {
    const state = startState(
      { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: null },
      0,
    );
    const x = {
      km: 20,
      hours: 1,
      wetShare: 1,
      waterMm: 3,
      onChainMm: 1,
      dirtPerKm: 2,
      wetDirtPerKm: 0,
      salted: false,
      load: 1,
    };
    const inside = { ...state };
    const outside = { ...state };
    rodeOn(inside, x, STORAGE_AIR.indoors);
    rodeOn(outside, x, STORAGE_AIR.outdoors);
    expect(outside.wetLeftH).toBeGreaterThan(2 * inside.wetLeftH);
    const towelled = work(
      outside,
      0,
      {
        method: 'none',
        cogsCleaned: false,
        baths: { count: 3, ml: 150 },
        drying: 'towel and air',
        lube: null,
      },
      { air: STORAGE_AIR.outdoors },
    ).state;
    expect(towelled.wetLeftH).toBeLessThan(2);
  });
});
