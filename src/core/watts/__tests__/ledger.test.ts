import fc from 'fast-check';
import { cases } from '@/test/cases';
import { LUBE_CLASS_NAMES } from '../../lube/classes';
import { NEW_CHAIN, startState } from '../../care/model/state';
import { worksWith } from '../../years/works';
import { allWatts, efficiency, USUAL_W, WATT_ITEMS, wattLedger, type LossState } from '../ledger';
import { minutesLost } from '../minutes';
import { winBacks } from '../winBack';

const NONE = { crossing: 0, faults: [], power: 250 };
const state = fc.record({
  outside: fc.double({ min: 0, max: 1, noNaN: true }),
  inside: fc.double({ min: 0, max: 1, noNaN: true }),
  film: fc.double({ min: 0, max: 1, noNaN: true }),
  wear: fc.double({ min: 0, max: 1, noNaN: true }),
  lube: fc.option(fc.constantFrom(...LUBE_CLASS_NAMES)),
});

describe('the ledger of watts', () => {
  it('keeps every item within its common-practice range, at any state', () => {
    fc.assert(
      fc.property(state, fc.double({ min: 0, max: 3, noNaN: true }), (s, crossing) => {
        const ledger = wattLedger(s, { ...NONE, crossing });
        for (const item of WATT_ITEMS) {
          const watts = ledger[item];
          if (watts === null) continue;
          expect(watts).toBeGreaterThanOrEqual(USUAL_W[item][0]);
          expect(watts).toBeLessThanOrEqual(USUAL_W[item][1] + 1e-9);
        }
      }),
      { numRuns: cases(2000), seed: 18 },
    );
  });

  // Spicer et al. 2001, J. Mech. Des. 123:598, measured 81 to 99 %; values from memory.
  it('stays inside the measured band of efficiency, from a new chain to the worst kept one', () => {
    const best: LossState = { outside: 0, inside: 0, film: 1, wear: 0, lube: 'hot wax' };
    const worst: LossState = { outside: 1, inside: 1, film: 0, wear: 1, lube: 'heavy wet' };
    for (const power of [50, 100, 250, 400])
      for (const [s, crossing] of [
        [best, 0],
        [worst, 3],
      ] as const) {
        const share = efficiency(wattLedger(s, { ...NONE, crossing, power }), power);
        expect(share).toBeGreaterThan(0.81);
        expect(share).toBeLessThan(0.99);
      }
  });

  it('adds up by hand, and goes with power', () => {
    const s: LossState = { outside: 0.5, inside: 0.25, film: 0.075, wear: 0.4, lube: 'wet' };
    const ledger = wattLedger(s, { ...NONE, crossing: 0.5 });
    // 10 x 0.5, 4 x 0.25, 5 x half dry, 3 x 0.4, wet lube 3, crossing 0.5.
    expect(ledger).toMatchObject({
      outside: 5,
      inside: 1,
      dryness: 2.5,
      wear: expect.closeTo(1.2, 9) as number,
      lube: 3,
      crossing: 0.5,
      length: 0,
      quality: null,
    });
    expect(allWatts(ledger)).toBeCloseTo(13.2, 9);
    expect(allWatts(wattLedger(s, { ...NONE, crossing: 0.5, power: 125 }))).toBeCloseTo(6.6, 9);
  });

  it('counts a wrong length once it was found, until it is put right', () => {
    const found = { cause: 'chain too long' } as never;
    const s: LossState = { outside: 0, inside: 0, film: 1, wear: 0, lube: 'wet' };
    const open = { found, putRight: false, ridden: false };
    expect(wattLedger(s, { ...NONE, faults: [open] }).length).toBeGreaterThan(0);
    expect(wattLedger(s, { ...NONE, faults: [{ ...open, putRight: true }] }).length).toBe(0);
  });
});

describe('minutes lost', () => {
  it('go with the cube law on the flat and in proportion on a climb', () => {
    // 10 % of the power of an hour: 60 (1 - 0.9^(1/3)) = 2.071 min flat, 6 min uphill.
    const lost = minutesLost(1, 20, 200);
    expect(lost.flat).toBeCloseTo(2.071, 3);
    expect(lost.climb).toBeCloseTo(6, 9);
    expect(minutesLost(1, 0, 200)).toEqual({ flat: 0, climb: 0 });
    expect(minutesLost(1, 900, 200)).toEqual({ flat: 60, climb: 60 });
  });
});

describe('what wins watts back', () => {
  const prices = {
    chain: 30,
    cassette: 60,
    ring: null,
    jockeys: null,
    coat: 0.4,
    clean: null,
    hour: 0,
  };
  const dirty = { ...startState({ ...NEW_CHAIN, look: 'dirty', kmSinceLube: 380 }, 0), wear: 0.4 };
  const ways = winBacks({
    state: dirty,
    cogs: 0.5,
    works: worksWith('wet', 'solvent'),
    prices,
    power: 250,
    avoidable: 0.6,
  });

  it('is ranked by minutes for a watt, and never more than was lost', () => {
    const rates = ways.map((w) => w.minutes / w.watts);
    expect(rates).toEqual([...rates].sort((a, b) => a - b));
    expect(ways[0]!.way).toBe('gears');
    const lost = allWatts(wattLedger(dirty, { ...NONE, crossing: 0.6 }));
    for (const { watts } of ways) expect(watts).toBeLessThanOrEqual(lost);
  });

  it('knows what each costs, and says where it does not', () => {
    const of = (way: string) => ways.find((w) => w.way === way)!;
    expect(of('wipe').money).toBe(0);
    expect(of('topUp').money).toBe(0.4);
    expect(of('clean').money).toBeNull();
    expect(of('new chain').money).toBe(30);
    // An outside wipe wins most of the dirt's watts back; a deep clean more (common practice).
    expect(of('clean').watts).toBeGreaterThan(of('wipe').watts);
  });

  it('is nothing on a chain that runs well', () => {
    const fresh = startState({ ...NEW_CHAIN, lube: 'drip wax' }, 0);
    expect(
      winBacks({
        state: { ...fresh, outside: 0, inside: 0 },
        cogs: 0,
        works: worksWith('drip wax', 'solvent'),
        prices,
        power: 200,
        avoidable: 0,
      }),
    ).toEqual([]);
  });
});
