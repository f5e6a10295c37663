import { demoPlan } from '@/test/demoPlan';
import { Chance } from '../../chance/chance';
import { Kept, KeptForPlans } from '../kept';
import { makePlan } from '../planner';
import type { PlanRequest } from '../agenda/request';

const { request: base } = demoPlan();
/** Few futures and days: what is kept is the matter here, not how good a plan is. */
const small: PlanRequest = {
  ...base,
  futures: 3,
  settings: {
    ...base.settings,
    // So little time that each bike's jobs are in the way of the others'.
    plan: { ...base.settings.plan, days: 8, minutes: [30, 0, 30, 0, 30, 0, 30] },
  },
};
const planned = (request: PlanRequest, kept?: KeptForPlans) =>
  makePlan(request, () => undefined, kept);

/** As it comes through a worker's door: equal, with nothing the same object (structuredClone's are of another realm here). */
const again = <T>(thing: T): T =>
  Array.isArray(thing)
    ? (thing.map(again) as T)
    : typeof thing === 'object' && thing !== null
      ? (Object.fromEntries(Object.entries(thing).map(([key, v]) => [key, again(v)])) as T)
      : thing;

/** Changes of a request, each of a different part of it. */
const CHANGES: ((request: PlanRequest, draw: number) => PlanRequest)[] = [
  (r) => ({ ...r, whatIf: r.whatIf === 'storm' ? 'dry' : 'storm' }),
  (r) => ({ ...r, whatIf: 'forecast' }),
  (r, draw) => ({ ...r, now: r.now + Math.round(draw * 3) * 900_000 }),
  (r, draw) => ({
    ...r,
    bikes: r.bikes.map((b, n) =>
      n === Math.floor(draw * r.bikes.length)
        ? { ...b, state: { ...b.state, film: 1 - draw, outside: draw } }
        : b,
    ),
  }),
  (r) => ({ ...r, rides: r.rides.slice(0, -1) }),
  (r, draw) => ({
    ...r,
    settings: {
      ...r.settings,
      plan: { ...r.settings.plan, hourPrice: Math.round(20 * draw) },
    },
  }),
  (r) => ({ ...r, bikes: r.bikes.toReversed() }),
  (r, draw) => ({
    ...r,
    bikes: r.bikes.map((b) => ({ ...b, place: { lat: 50 + draw, lon: -4 } })),
  }),
  (r, draw) => ({
    ...r,
    left: Object.fromEntries(Object.entries(r.left).map(([id, ml]) => [id, ml * draw])),
  }),
  (r, draw) => ({
    ...r,
    products: Object.fromEntries(
      Object.entries(r.products).map(([id, p]) => [id, { ...p, price: Math.round(90 * draw) }]),
    ),
  }),
  (r, draw) => ({
    ...r,
    settings: {
      ...r.settings,
      workshop: { ...r.settings.workshop, water: draw < 0.5 ? 'none' : 'bottle' },
    },
  }),
  (r) => ({ ...r, bikes: r.bikes.map((b) => ({ ...b, keepsTo: ['wet'] })) }),
  (r, draw) => ({
    ...r,
    bikes: r.bikes.map((b) => ({ ...b, factors: { ...b.factors, life: 0.5 + draw } })),
  }),
];

describe('what one plan leaves to the next', () => {
  it('changes no plan, whatever is asked in whatever order', async () => {
    for (const seed of [1, 2]) {
      const chance = new Chance(9, seed);
      const kept = new KeptForPlans();
      let request = small;
      const order = CHANGES.map((change) => ({ change, place: chance.uniform() }));
      order.sort((a, b) => a.place - b.place);
      for (const { change } of order) {
        request = change(request, chance.uniform());
        expect(await planned(again(request), kept)).toEqual(await planned(request));
      }
    }
  }, 60_000);

  /** How many plans of a bike each of some requests has made, one after the other. */
  async function madeFor(requests: readonly PlanRequest[]): Promise<number[]> {
    const kept = new KeptForPlans();
    const of = kept.bikes.of.bind(kept.bikes);
    let made = 0;
    kept.bikes.of = (key, make) => of(key, () => ((made += 1), make()));
    const counts: number[] = [];
    for (const request of requests) {
      made = 0;
      await planned(again(request), kept);
      counts.push(made);
    }
    return counts;
  }

  it('spares the bikes of which nothing has changed', async () => {
    expect(await madeFor([small, small])).toEqual([2 * small.bikes.length - 1, 0]);
  });

  it('plans the others beside a bike that wants other jobs', async () => {
    const last = small.bikes.length - 1;
    const lastBike = (film: number, outside: number): PlanRequest => ({
      ...small,
      bikes: small.bikes.map((b, n) =>
        n === last ? { ...b, state: { ...b.state, film, outside, inside: outside } } : b,
      ),
    });
    // It comes last, so that the first plans of the others stand.
    const counts = await madeFor([lastBike(1, 0), lastBike(0, 1)]);
    expect(counts).toEqual([2 * last + 1, 1 + last]);
  });

  it('keeps what was asked for last, and no more than it may', () => {
    const kept = new Kept<number>(2);
    let made = 0;
    const ask = (key: string) => kept.of(key, () => (made += 1));
    expect([ask('a'), ask('b'), ask('a'), ask('c'), ask('a'), ask('b')]).toEqual([
      1, 2, 1, 3, 1, 4,
    ]);
  });
});
