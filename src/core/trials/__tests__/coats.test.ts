import { Replay } from '@/core/care/replay/replay';
import type { Trial } from '@/core/records/trial';
import { TEST_GARAGE } from '@/test/arbitraries';
import { productOf } from '@/test/products';
import { fittedBody, rideBody, stamped, workBody, type Body } from '@/test/events';
import { coatsSince } from '../coats';
import { armOf, coatsOf, ragNear } from '../judged';

const at = (day: number, hour = 8) => new Date(Date.UTC(2026, 4, 1 + day, hour)).toISOString();
const fitted = fittedBody(at(0, 1), { lube: null });
const ride = (day: number, km: number, bikeId = 'b1') => rideBody(at(day), bikeId, km);
const heard = (day: number, sound: 'squeak' | 'still quiet'): Body => ({
  type: 'soundHeard',
  at: at(day, 12),
  chainId: 'c1',
  sound,
});
const rag = (day: number, swatch: number): Body => ({
  type: 'ragChecked',
  at: at(day, 12),
  chainId: 'c1',
  swatch,
});
const coat = (day: number, more: Parameters<typeof workBody>[2] = {}): Body =>
  workBody(at(day, 18), 'c1', {
    method: 'solvent wipe',
    lube: { lubeClass: 'wet', coat: 1, wiped: true },
    ...more,
  });
const tried = (arm: 'a' | 'b' | 'neither') => ({ trial: { id: 't', arm } });

const played = (...bodies: Body[]) => new Replay(TEST_GARAGE, stamped([fitted, ...bodies]));
const coatsIn = (...bodies: Body[]) => coatsSince(played(...bodies), '');

const TRIAL: Trial = {
  id: 't',
  bikeId: 'b1',
  question: { kind: 'own', ask: 'Which?', a: 'one', b: 'other' },
  measure: 'squeak',
  ragKm: 60,
  again: false,
  careFor: 0.5,
  coatsAnArm: 8,
  startedAt: at(0, 0),
  endedAt: null,
  retired: false,
  changedAt: at(0, 0),
};
const judged = (trial: Partial<Trial>, ...bodies: Body[]) =>
  coatsOf({ ...TRIAL, ...trial }, coatsIn(...bodies));

describe('coats of the log', () => {
  it('last as many handbook lives as distance, by hand: 100 dry km of 400 are a quarter', () => {
    const [run] = coatsIn(coat(0), ride(1, 60), ride(2, 40), coat(3));
    expect(run).toMatchObject({ end: 'coated again', km: 100, bikeId: 'b1', lube: 'wet' });
    // Three days of standing take 0.02 of a wet coat a week.
    expect(run!.lasted.from).toBeCloseTo(0.25 + (0.02 * 3) / 7, 2);
    expect(run!.lasted.to).toBe(Infinity);
  });

  it('put on over dirt are held to a clean coat’s life: how little they last is what a trial looks for', () => {
    const dirty = fittedBody(at(0, 1), { lube: null, look: 'dirty' });
    const run = (first: Body) =>
      coatsSince(new Replay(TEST_GARAGE, stamped([first, coat(0), ride(1, 100), coat(3)])), '')[0]!;
    expect(run(dirty).lasted.from).toBeCloseTo(run(fitted).lasted.from, 6);
  });

  it('end with a squeak between the start of the ride before it and the squeak', () => {
    const [run] = coatsIn(coat(0), ride(1, 200), ride(2, 100), heard(2, 'squeak'), ride(3, 30));
    expect(run).toMatchObject({ end: 'squeak', km: 300 });
    expect(run!.lasted.from).toBeCloseTo(0.5, 1);
    expect(run!.lasted.to).toBeCloseTo(0.75, 1);
  });

  it('that were quiet in between squeak after that', () => {
    const [run] = coatsIn(
      coat(0),
      ride(1, 200),
      ride(2, 120),
      heard(2, 'still quiet'),
      heard(2, 'squeak'),
    );
    expect(run!.lasted.from).toBeCloseTo(run!.lasted.to, 3);
  });

  it('do not end with a squeak that is hardly the chain’s', () => {
    const [run] = coatsIn(coat(0), ride(1, 20), heard(1, 'squeak'), ride(2, 60));
    expect(run).toMatchObject({ end: 'on', km: 80 });
  });

  it.each([
    ['rescued', coat(3, { depth: 'rescue' })],
    ['cleaned off', workBody(at(3), 'c1', { method: 'brush' })],
    ['washed', { type: 'gotWet', at: at(3), bikeId: 'b1', how: 'washed' } as Body],
    ['on', workBody(at(3), 'c1', { method: 'solvent wipe' })],
    ['on', { type: 'gotWet', at: at(3), bikeId: 'b1', how: 'stood in rain' } as Body],
  ])('are %s by what happened to them', (end, body) => {
    expect(coatsIn(coat(0), ride(1, 100), body)[0]).toMatchObject({ end, km: 100 });
  });

  it('that go to another bike tell what they lasted on the first', () => {
    const [run] = coatsIn(
      coat(0),
      ride(1, 100),
      { type: 'chainRemoved', at: at(2), chainId: 'c1' },
      { ...fittedBody(at(2, 9)), bikeId: 'b2', start: null } as Body,
      ride(3, 50, 'b2'),
    );
    expect(run).toMatchObject({ end: 'moved', bikeId: 'b1', km: 100 });
  });

  it('put on a chain off its bike are of the bike that is ridden next', () => {
    const [run] = coatsIn(
      { type: 'chainRemoved', at: at(0, 17), chainId: 'c1' },
      coat(0),
      { ...fittedBody(at(1, 1)), start: null } as Body,
      ride(1, 60),
    );
    expect(run!.bikeId).toBe('b1');
  });

  it('keep the rags read on them, with what was to come by then', () => {
    const [run] = coatsIn(coat(0), ride(1, 80), rag(1, 2), ride(2, 40), rag(2, 4));
    expect(run!.rags.map((r) => r.km)).toEqual([80, 120]);
    expect(run!.rags.map((r) => r.level)).toEqual([0.2, 0.62]);
    expect(run!.rags[1]!.gathered).toBeGreaterThan(1.3 * run!.rags[0]!.gathered);
    expect(ragNear(run!, 110)!.km).toBe(120);
    expect(ragNear(run!, 90)!.km).toBe(80);
    expect(ragNear(run!, 300)).toBeNull();
  });

  it('read right after a wipe tell nothing of how fast dirt comes', () => {
    const wipe = workBody(at(2), 'c1', { method: 'solvent wipe' });
    const read = rag(3, 2);
    const [run] = coatsIn(coat(0), ride(1, 90), wipe, ride(3, 5), read);
    expect(run!.rags).toHaveLength(1);
    expect(ragNear(run!, 95)).toBeNull();
  });

  it('left unwiped are held to what a wiped one would gather', () => {
    const read = rag(1, 3);
    const of = (wiped: boolean) =>
      coatsIn(coat(0, { lube: { lubeClass: 'wet', coat: 1, wiped } }), ride(1, 80), read)[0]!
        .rags[0]!.gathered;
    expect(of(false)).toBeCloseTo(of(true), 2);
  });
});

describe('coats of a trial', () => {
  it('count as they were done, by what was said', () => {
    const list = judged(
      {},
      coat(0, tried('a')),
      ride(1, 100),
      coat(2, tried('b')),
      ride(3, 100),
      coat(4, tried('neither')),
      ride(5, 100),
      coat(6),
      ride(7, 100),
      coat(8, { trial: { id: 'another', arm: 'a' } }),
    );
    expect(list.map((c) => [c.arm, c.uncounted])).toEqual([
      ['a', null],
      ['b', null],
      ['neither', 'neither'],
      [null, 'not said'],
      [null, 'not said'],
    ]);
    expect(list[0]!.evidence).toMatchObject({ kind: 'lasted', to: Infinity });
  });

  it('that were a rescue, thin, of another lube, ridden too soon or too short do not count', () => {
    const list = judged(
      {},
      coat(0, tried('a')),
      ride(1, 100),
      coat(2, { ...tried('b'), depth: 'rescue' }),
      ride(3, 100),
      coat(4, { ...tried('b'), lube: { lubeClass: 'wet', coat: 0.4, wiped: true } }),
      ride(5, 100),
      coat(6, { ...tried('b'), lube: { lubeClass: 'dry', coat: 1, wiped: true } }),
      ride(7, 100),
      coat(8, tried('a')),
      ride(9, 10),
      coat(10, tried('b')),
      rideBody(at(10, 18), 'b1', 60),
      coat(12, tried('b')),
    );
    expect(list.map((c) => c.uncounted)).toEqual([
      null,
      'rescue',
      'thin',
      'other lube',
      'too short',
      'early',
      null,
    ]);
    expect(list.filter((c) => c.evidence)).toHaveLength(1);
  });

  it('are those between its beginning and its end, on its bike', () => {
    const bodies = [coat(0, tried('a')), ride(1, 90), coat(3, tried('b')), ride(4, 90), coat(6)];
    expect(judged({ startedAt: at(2) }, ...bodies)).toHaveLength(2);
    expect(judged({ startedAt: at(2), endedAt: at(5) }, ...bodies)).toHaveLength(1);
    expect(judged({ bikeId: 'b2' }, ...bodies)).toEqual([]);
  });

  it('are told apart by what was done to the old coat, whatever was said', () => {
    const question = { kind: 'way', way: 'oldCoat', a: 'wipe', b: 'clean' } as const;
    const arms = judged(
      { question },
      coat(0, { method: 'brush' }),
      ride(1, 90),
      coat(2, { method: 'dry wipe' }),
      ride(3, 90),
      coat(4, { method: 'flush and wipe' }),
    ).map((c) => c.arm);
    expect(arms).toEqual(['b', 'a', 'neither']);
  });

  it('of two bottles are told apart by the bottle; much of the other under one is a mixture', () => {
    const bottle = (productId: string) => ({ used: [{ productId, amount: 4 }] });
    const garage = {
      ...TEST_GARAGE,
      products: Object.fromEntries(['p1', 'p2', 'p3'].map((id) => [id, productOf({ id })])),
    };
    const list = coatsOf(
      { ...TRIAL, question: { kind: 'product', a: 'p1', b: 'p2' } },
      coatsSince(
        new Replay(
          garage,
          stamped([
            fitted,
            coat(0, bottle('p1')),
            ride(1, 390),
            coat(2, bottle('p2')),
            ride(3, 60),
            coat(4, bottle('p1')),
            ride(5, 390),
            coat(6, bottle('p3')),
            ride(7, 390),
            coat(8),
          ]),
        ),
        '',
      ),
    );
    expect(list.map((c) => [c.arm, c.uncounted])).toEqual([
      ['a', null],
      ['b', null],
      ['a', 'mixed'],
      ['neither', 'other lube'],
      [null, 'not said'],
    ]);
    expect(armOf({ id: 't', question: { kind: 'product', a: 'x', b: 'y' } }, list[0]!.coat)).toBe(
      'neither',
    );
  });

  it('by rag wait for one near its distance, and do not count without', () => {
    const read = rag(5, 3);
    const list = judged(
      { measure: 'rag', ragKm: 80 },
      coat(0, tried('a')),
      ride(1, 90),
      coat(3, tried('b')),
      ride(4, 90),
      read,
      coat(6, tried('a')),
      ride(7, 60),
    );
    expect(list.map((c) => [c.uncounted, c.evidence?.kind ?? null])).toEqual([
      ['no rag', null],
      [null, 'rag'],
      [null, null],
    ]);
    const past = judged({ measure: 'rag', ragKm: 80 }, coat(0, tried('a')), ride(1, 130));
    expect(past[0]!.uncounted).toBe('no rag');
  });
});
