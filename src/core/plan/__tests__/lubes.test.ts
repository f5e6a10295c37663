import { agendaItem } from '@/test/agendaItem';
import { demoPlan } from '@/test/demoPlan';
import { coatKind, problemFor, rideExposure, workOf } from '@/test/plan';
import { METRIC } from '@/core/units/convert';
import { GRAVEL } from '../../demo/island';
import { changesOf } from '../agenda/changes';
import { problemOf } from '../agenda/problemOf';
import { wordsOf } from '../../words/plan';
import { follow } from '../simulate/follow';
import { idle } from '../simulate/policies';
import { solve } from '../solver/backward';
import { FILMS, GRITS, gritIndex } from '../solver/grid';
import type { BikeProblem, CoatKind } from '../solver/problem';
import { turnPrice, weighedPrice } from '../solver/terms';

const wax: CoatKind = { ...coatKind('drip wax'), family: 'wax' };
const bare: CoatKind = { ...coatKind('wet'), id: 'bare', lubeClass: null, family: 'bare' };
const coats = [coatKind('wet'), coatKind('dry'), wax, bare];
const to = (coat: number | null) => workOf('top-up', 'solvent wipe', 'wet', { coat });
/** A top-up of a test takes 15 minutes at 12 an hour, and 0.50. */
const PRICE = 3.5;

describe('a change of lube', () => {
  const problem = problemFor([{}], { coats });

  it.each([
    ['the same lube', 0, 0, 0],
    ['another oil: half its price more', 1, 0, PRICE / 2],
    ['oil to wax: its price once more', 2, 0, PRICE],
    ['wax to oil', 0, 2, PRICE],
    ['onto bare steel', 2, 3, 0],
    ['nothing put on', null, 0, 0],
  ])('must gain beside its price, %s', (_, coat, on, more) => {
    expect(turnPrice(problem, to(coat), problem.coats[on])).toBeCloseTo(more, 10);
  });

  it('is weighed beside what the last coats of a bottle are worth', () => {
    expect(weighedPrice(problem, { ...to(1), scarce: 2 }, problem.coats[0])).toBeCloseTo(
      PRICE / 2 + 2,
      10,
    );
  });

  it('is named, with the cleaning that goes before it', () => {
    const of = (before: number, after: number | null) =>
      changesOf({ ...problem, coatNow: before }, [], { day: 0, work: to(after) });
    expect([of(0, 0), of(0, 1), of(0, 2), of(2, 0), of(3, 0), of(0, null)]).toEqual([
      null,
      'lube',
      'oil to wax',
      'wax to oil',
      null,
      null,
    ]);
    // The job before it counts, not what is on now.
    const jobs = [{ day: 0, work: to(2) }];
    expect(changesOf(problem, jobs, { day: 3, work: to(0) })).toBe('wax to oil');
    const words = (changes: 'oil to wax' | 'wax to oil') =>
      wordsOf(agendaItem({ changes }), METRIC, 'UTC').change;
    expect(words('oil to wax')).toMatch(/strip the chain to bare metal first/);
    expect(words('wax to oil')).toMatch(/wipe the wax off with solvent first/);
  });
});

describe('each lube gathers grit at its own rate', () => {
  const ride = [rideExposure(60)];
  const gathering = (grit: number): BikeProblem =>
    problemFor([{ ride }, {}], { coats: [{ ...coatKind('wet'), grit }], works: [] });

  it('in what follows: twice as fast leaves the square of the clean part', () => {
    const outside = (grit: number) => {
      const problem = gathering(grit);
      Object.assign(problem.state, { outside: 0, inside: 0 });
      return follow({ ...problem, cogs: 0 }, idle, [])[0]!.truth.outside;
    };
    expect(1 - outside(2)).toBeCloseTo((1 - outside(1)) ** 2, 2);
  });

  it('and in the values: a chain that gets dirty faster is dearer', () => {
    const clean = (grit: number) =>
      solve(gathering(grit), [0, 0], [false, false]).before.at(-GRITS);
    expect(clean(2)).toBeGreaterThan(clean(1)! + 0.1);
  });

  it('as learnt on its bike, over that of the lube that is on', () => {
    const { request } = demoPlan([GRAVEL]);
    const [bike] = request.bikes;
    const own = { wet: { life: 1, grit: 2 }, 'all-weather': { life: 1, grit: 0.5 } };
    const { coats: known } = problemOf(request, {
      ...bike!,
      own,
      factors: { life: 1, grit: 0.5, wear: 1 },
      keepsTo: [],
    });
    const of = (lubeClass: string) => known.find((c) => c.lubeClass === lubeClass)?.grit;
    expect([of('wet'), of('all-weather'), of('dry')]).toEqual([4, 1, 2]);
  });
});

describe('a trial that runs on a bike', () => {
  const lubesWith = (keepsTo: readonly string[]) => {
    const { request } = demoPlan([GRAVEL]);
    const { coats: known } = problemOf(request, { ...request.bikes[0]!, keepsTo });
    return known.filter((c) => c.atHand).map((c) => c.id);
  };

  it('keeps the plan to its bottles, and is asked of the demo’s gravel bike', () => {
    expect(demoPlan([GRAVEL]).request.bikes[0]!.keepsTo).toEqual(['demo-all']);
    expect(lubesWith(['demo-wet', 'demo-all'])).toEqual(['demo-wet', 'demo-all']);
    expect(lubesWith(['all-weather'])).toEqual(['demo-all']);
  });

  it('lets the plan take what there is where its bottle is gone', () => {
    expect(lubesWith(['a bottle of last year']).length).toBeGreaterThan(2);
  });
});

describe('a spent chain in damp air', () => {
  it('rusts: its value is dearer there by a day of rust, that of a lubed one is not', () => {
    const values = (humidity: number) => {
      const air = { temperatureC: 10, humidity };
      const problem = problemFor([{ more: { air } }, { more: { air } }], { works: [] });
      const { before } = solve(problem, [0, 0], [false, false]);
      const at = (film: number) => before[film * GRITS + gritIndex(0, 0, 0)]!;
      return { spent: at(0), lubed: at(FILMS - 1) };
    };
    const [damp, dry] = [values(0.9), values(0.5)];
    expect(damp.lubed).toBeCloseTo(dry.lubed, 9);
    // Two days, of each 0.4 of its 24 h at 1/40 an hour, of rust at 7.50.
    expect(damp.spent - dry.spent).toBeCloseTo(7.5 * 2 * ((0.4 * 24) / 40), 6);
  });
});

describe('rain on a bike that stands', () => {
  const parked = (storage: 'outdoors' | 'shed', whatIf: 'dry' | 'storm', mudguards = false) => {
    const { request } = demoPlan([GRAVEL]);
    const [bike] = request.bikes;
    const { benches } = problemOf(
      { ...request, whatIf },
      { ...bike!, bike: { ...bike!.bike, storage, mudguards } },
    );
    return benches;
  };

  it('is reckoned with outdoors, behind its mudguards, and not under a roof', () => {
    expect(parked('shed', 'storm').every((b) => b.parked === null)).toBe(true);
    const dry = parked('outdoors', 'dry').flatMap((b) => b.parked!.mm);
    expect(dry.every((mm) => mm === 0)).toBe(true);
    // The fourth and fifth day lie in the storm of 2 mm an hour and more.
    const days = parked('outdoors', 'storm').slice(3, 5);
    const free = days.find((b) => b.rides.length === 0)!;
    const ridden = days.find((b) => b.rides.length > 0)!;
    expect(free.parked!.mm).toHaveLength(20);
    expect(Math.min(...free.parked!.mm)).toBeGreaterThanOrEqual(47);
    const [open, guarded] = [false, true].map(
      (m) => parked('outdoors', 'storm', m)[4]!.parked!.mm[0]!,
    );
    expect(guarded! / open!).toBeCloseTo(0.6, 9);
    // Of a day with a ride what falls after it counts.
    expect(Math.min(...ridden.parked!.mm)).toBeGreaterThanOrEqual(8);
    expect(ridden.parked!.at).toBeGreaterThan(ridden.rides.at(-1)!.at);
  });
});
