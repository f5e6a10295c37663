import fc from 'fast-check';
import { cases } from '@/test/cases';
import {
  bestThreshold,
  costOfThresholds,
  partsPerChain,
  whenToReplace,
  type Replacing,
} from '../replace';

/** A chain of 30, 20 of the cassette each, 0.5 % at the limit, 0.125 % for 1,000 km. */
const USUAL: Replacing = { chainPrice: 30, partsPerChain: 20, limit: 0.5, perKm: 0.125e-3 };

describe('replacing a chain', () => {
  it('costs by hand what chain and cassette come to over the way it goes', () => {
    const curve = costOfThresholds(USUAL);
    const at = (wear: number) => curve.find((t) => Math.abs(t.at - wear) < 1e-9)!.per1000Km;
    // Changed in time, a chain takes its share of the cassette: (30 + 20) / 4,000 km.
    expect(at(0.5)).toBeCloseTo(12.5, 1);
    // Left on to 1 % it takes three such shares (common practice): (30 + 60) / 8,000 km.
    expect(at(1)).toBeCloseTo(11.25, 1);
    // Half used: (30 + less than half of 20) / 2,000 km.
    expect(at(0.25)).toBeGreaterThan(15);
    expect(at(0.25)).toBeLessThanOrEqual(20);
  });

  it('is cheapest between the limit and where the cassette is gone, when a cassette is dear', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 80, noNaN: true }),
        fc.double({ min: 5, max: 60, noNaN: true }),
        fc.constantFrom(0.5, 0.75, 1),
        (chainPrice, partsPerChain, limit) => {
          const curve = costOfThresholds({ chainPrice, partsPerChain, limit, perKm: 0.15e-3 });
          const { least, flat } = bestThreshold(curve);
          for (const { per1000Km } of curve)
            expect(per1000Km).toBeGreaterThanOrEqual(least.per1000Km);
          expect(flat[0]).toBeLessThanOrEqual(least.at);
          expect(flat[1]).toBeGreaterThanOrEqual(least.at);
        },
      ),
      { numRuns: cases(400), seed: 5 },
    );
  });

  it('comes sooner the dearer the cassette, and does not hang on how fast the chain wears', () => {
    const best = (more: Partial<Replacing>) =>
      bestThreshold(costOfThresholds({ ...USUAL, ...more })).least.at;
    expect(best({ partsPerChain: 60 })).toBeLessThan(best({ partsPerChain: 5 }));
    expect(best({ perKm: 1e-3 })).toBe(best({}));
  });

  it('keeps a chain before limit and lowest point, and leaves the choice between them', () => {
    // Dear parts: money and limit agree. Cheap parts: money says later than the limit.
    const dear = bestThreshold(costOfThresholds({ ...USUAL, partsPerChain: 90 }));
    expect(dear.least.at).toBeLessThan(0.6);
    expect(whenToReplace(0.1, dear, 0.5)).toBe('keep');
    expect(whenToReplace(0.49, { ...dear, least: { ...dear.least, at: 0.45 } }, 0.5)).toBe('now');
    expect(whenToReplace(1.2, dear, 0.5)).toBe('overdue');
    const cheap = bestThreshold(costOfThresholds({ ...USUAL, partsPerChain: 10 }));
    expect(cheap.least.at).toBeGreaterThan(0.5);
    expect(whenToReplace(0.49, cheap, 0.5)).toBe('keep');
    expect(whenToReplace(0.55, cheap, 0.5)).toBe('past limit');
    expect(whenToReplace(cheap.flat[1] + 0.1, cheap, 0.5)).toBe('overdue');
  });

  it('counts what a chain takes of cassette, ring and jockey wheels, by hand', () => {
    const prices = { chain: 30, coat: null, clean: null, hour: 0 };
    // 60 / 3 + 42 / 6 + 15 / 5.
    expect(partsPerChain({ ...prices, cassette: 60, ring: 42, jockeys: 15 })).toBe(30);
    expect(partsPerChain({ ...prices, cassette: null, ring: null, jockeys: null })).toBe(0);
  });

  it('of things without a price is drawn flat, not broken', () => {
    const curve = costOfThresholds({ ...USUAL, chainPrice: 0, partsPerChain: 0 });
    expect(curve.every((t) => t.per1000Km === 0)).toBe(true);
    expect(bestThreshold(curve).least.per1000Km).toBe(0);
  });
});
