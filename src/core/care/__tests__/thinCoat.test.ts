import fc from 'fast-check';
import { cases } from '@/test/cases';
import { rideExposure } from '@/test/plan';
import { STORAGE_AIR } from '../../weather/drying';
import { HANDBOOK } from '../model/personal';
import { ride } from '../model/ride';
import { startState, type ChainState } from '../model/state';
import { work } from '../model/work';

const air = STORAGE_AIR.indoors;
const share = fc.double({ min: 0, max: 1, noNaN: true });
const AT = Date.parse('2026-11-24T09:30:00Z');

/** A chain with a coat on it, as worn and dirty as drawn. */
const chain = (film: number, inside: number, lifeKm: number): ChainState => ({
  ...startState({ lube: 'dry', kmSinceLube: 0, look: 'clean', kmBefore: 500, wearPercent: 0 }, AT),
  film,
  inside,
  lifeKm,
});

describe('a thin coat half an hour before a ride', () => {
  it('never leaves less lube for the way than leaving the chain alone, however soon one rides', () => {
    fc.assert(
      fc.property(
        share,
        share,
        fc.double({ min: 60, max: 150, noNaN: true }),
        (film, inside, life) => {
          const before = chain(film, inside, life);
          const lube = { lubeClass: 'dry' as const, coat: 0.4, wiped: true };
          const spec = {
            method: 'none',
            cogsCleaned: false,
            baths: { count: 1, ml: 150 },
          } as const;
          const { state } = work(before, 0, { ...spec, drying: 'left to drip', lube }, { air });
          const left = (s: ChainState) => {
            const after = ride(
              { ...s, at: AT },
              0,
              rideExposure(5, { dirtPerKm: 0 }),
              HANDBOOK,
            ).state;
            return after.film * after.lifeKm;
          };
          // To a metre of riding.
          expect(left(state)).toBeGreaterThan(left(before) - 1e-3);
        },
      ),
      { seed: 1412, numRuns: cases(400) },
    );
  });
});
