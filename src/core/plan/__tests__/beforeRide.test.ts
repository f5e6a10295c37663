import fc from 'fast-check';
import { agendaItem } from '@/test/agendaItem';
import { demoPlan } from '@/test/demoPlan';
import { problemFor, rideExposure } from '@/test/plan';
import { COMMUTER } from '../../demo/island';
import { LUBE_CLASS_NAMES, LUBE_CLASSES, isWax } from '../../lube/classes';
import { MS_PER_DAY, MS_PER_HOUR, MS_PER_MINUTE } from '../../units/convert';
import { bottleToCarry, morningCoat, nextRide } from '../agenda/beforeRide';
import type { BikeNow, PlanRequest } from '../agenda/request';

const { request } = demoPlan([COMMUTER]);
const usual = request.bikes[0]!;
const NOW = request.now;
const bikeId = usual.bike.id;
const rides = (kms: readonly number[]): PlanRequest['rides'] =>
  kms.map((km, n) => {
    const at = NOW + (n + 1) * MS_PER_DAY;
    return {
      ...request.rides[0]!,
      ...{ bikeId, km, at, end: at + MS_PER_HOUR, date: new Date(at).toISOString().slice(0, 10) },
    };
  });
const bikeWith = (
  lube: BikeNow['state']['lube'],
  due: number | null,
  lubedDaysAgo = 1,
): BikeNow => ({
  ...usual,
  state: { ...usual.state, lube, bottle: null, lubedAt: NOW - lubedDaysAgo * MS_PER_DAY },
  due: { ...usual.due, lube: due },
});
const coat = (kms: readonly number[], bike: BikeNow, jobDays: readonly number[] = []) =>
  morningCoat(
    { ...request, rides: rides(kms) },
    bike,
    jobDays.map((d) => agendaItem({ bikeId, from: NOW + d * MS_PER_DAY - MS_PER_HOUR })),
  );

describe('a thin coat in the morning', () => {
  it('comes half an hour before the first ride that would run dry', () => {
    const found = coat([20, 20, 20], bikeWith('wet', 30))!;
    expect(found).toMatchObject({ why: 'runs dry', bikeId, rideAt: NOW + 2 * MS_PER_DAY });
    // Common practice: half an hour before; with three minutes of work, to five minutes.
    const ahead = (found.rideAt - found.from) / MS_PER_MINUTE;
    expect(ahead).toBeGreaterThanOrEqual(30 + found.minutes);
    expect(ahead).toBeLessThan(35 + found.minutes);
    expect(found.from % (5 * MS_PER_MINUTE)).toBe(0);
    expect(coat([20, 20, 20], bikeWith('wet', null))).toBeNull();
  });

  it('is none on wax, on bare steel, or where a lube job comes before', () => {
    expect(coat([40], bikeWith('drip wax', 30))).toBeNull();
    expect(coat([40], bikeWith(null, 0))).toBeNull();
    expect(coat([20, 20], bikeWith('wet', 30), [2])).toBeNull();
    expect(coat([40, 20], bikeWith('wet', 30), [2])?.rideAt).toBe(NOW + MS_PER_DAY);
  });

  it('comes for a quick-drying lube that is a week old, the next day only', () => {
    expect(coat([20], bikeWith('dry', 500, 6.5))).toMatchObject({ why: 'a week old' });
    expect(coat([20], bikeWith('dry', 500, 5))).toBeNull();
    expect(coat([20], bikeWith('wet', 500, 30))).toBeNull();
  });

  it('takes a bottle of what is on, from the shelf and not an empty one', () => {
    const bottle = Object.values(request.products).find((p) => p.lubeClass === 'wet')!;
    expect(coat([40], bikeWith('wet', 30))).toMatchObject({ bottleId: bottle.id });
    const empty = { ...request, rides: rides([40]), left: {} };
    expect(morningCoat(empty, bikeWith('wet', 30), [])).toMatchObject({
      bottleId: null,
      lubeName: 'wet lube',
    });
  });

  it('holds for random rides and jobs, by counting them one by one', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 80 }), { maxLength: 12 }),
        fc.integer({ min: 0, max: 300 }),
        fc.option(fc.integer({ min: 1, max: 12 })),
        (kms, due, job) => {
          const found = coat(kms, bikeWith('all-weather', due), job === null ? [] : [job]);
          let left = due;
          let expected: number | null = null;
          for (const [n, km] of kms.entries()) {
            if (job !== null && n + 1 >= job) break;
            left -= km;
            if (left < 0) {
              expected = n + 1;
              break;
            }
          }
          expect(found === null ? null : (found.rideAt - NOW) / MS_PER_DAY).toBe(expected);
        },
      ),
      { numRuns: 2000, seed: 19 },
    );
  });
});

describe('the next ride', () => {
  const wetRide = rideExposure(30, { waterMm: 3 });
  const dryRide = rideExposure(30);

  it('tells how likely it gets wet: the share of futures in which it does', () => {
    const problem = problemFor([{ ride: [wetRide, dryRide, dryRide, wetRide] }]);
    const at = problem.benches[0]!.rides[0]!.at;
    const asked = { now: at - MS_PER_HOUR, products: {}, rides: [{ ...rides([30])[0]!, at }] };
    const own = { ...asked, rides: asked.rides.map((r) => ({ ...r, bikeId: problem.bikeId })) };
    expect(nextRide(own, problem, { bike: bikeWith('dry', 50), jobs: [] })).toMatchObject({
      at,
      wet: 0.5,
      lube: 'dry',
    });
    const far = { ...own, now: at - 2 * MS_PER_DAY };
    expect(nextRide(far, problem, { bike: bikeWith('dry', 50), jobs: [] })).toBeNull();
    expect(nextRide(asked, problem, { bike: bikeWith('dry', 50), jobs: [] })).toBeNull();
  });
});

describe('the small bottle', () => {
  it('is wet lube in the rain where one shower takes off what is on (common practice)', () => {
    expect(bottleToCarry({ wet: 0.6, lube: 'dry' }, false)).toBe('wet');
    expect(bottleToCarry({ wet: 0.1, lube: 'dry' }, false)).toBeNull();
    expect(bottleToCarry({ wet: 0.6, lube: 'wet' }, false)).toBeNull();
    expect(bottleToCarry({ wet: 0.1, lube: 'wet' }, true)).toBe('wet');
    expect(bottleToCarry({ wet: 0.1, lube: 'dry' }, true)).toBe('dry');
    expect(bottleToCarry({ wet: 0.1, lube: 'drip wax' }, true)).toBe('wet');
  });

  it('is never wax, and never one that the rain takes off', () => {
    for (const lube of [...LUBE_CLASS_NAMES, null])
      for (const wet of [0, 0.29, 0.3, 1])
        for (const unlubed of [true, false]) {
          const bottle = bottleToCarry({ wet, lube }, unlubed);
          if (bottle === null) continue;
          expect(isWax(bottle)).toBe(false);
          if (wet >= 0.3) expect(LUBE_CLASSES[bottle].washPerMm).toBeLessThan(0.2);
        }
  });
});
