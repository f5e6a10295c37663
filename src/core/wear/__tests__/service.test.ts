import Papa from 'papaparse';
import { Replay } from '@/core/care/replay/replay';
import { writeEverythingCsv, writeServiceCsv } from '@/core/formats/serviceCsv';
import { serviceSentences } from '@/core/words/service';
import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, workBody, type Body } from '@/test/events';
import { IMPERIAL, METRIC } from '@/core/units/convert';
import { serviceOf, type CostOf, type Life } from '../service';

const start = {
  lube: 'wet',
  kmSinceLube: 0,
  look: 'clean',
  kmBefore: 500,
  wearPercent: 0,
} as const;
const fit: Body = {
  type: 'chainFitted',
  at: '2025-12-20T08:00:00.000Z',
  chainId: 'c1',
  bikeId: 'b1',
  start,
};
const lubed = (at: string, method: 'solvent wipe' | 'baths'): Body =>
  workBody(at, 'c1', { method, minutes: 20, lube: { lubeClass: 'wet', coat: 1, wiped: true } });
const bodies: Body[] = [
  fit,
  rideBody('2025-12-28T08:00:00.000Z', 'b1', 40, { weather: 'wet' }),
  rideBody('2026-01-03T08:00:00.000Z', 'b1', 60, { note: '=1+1' }),
  lubed('2026-01-04T08:00:00.000Z', 'solvent wipe'),
  lubed('2026-02-04T08:00:00.000Z', 'baths'),
];
// Worked out in each test: what is worked out outside belongs to none.
const serviceNow = (
  life: Life = { chainId: 'c1' },
  costOf: CostOf = () => ({ cost: 1.5, isWhole: true }),
) => serviceOf(new Replay(TEST_GARAGE, stamped(bodies)).steps, life, costOf);

describe('the service history of a chain', () => {
  it('adds up by year and month, and in all', () => {
    const service = serviceNow()!;
    expect(service.all).toEqual({
      ...{ km: 100, wetKm: 40, rides: 2, coats: 2, cleans: 1, minutes: 40 },
      ...{ cost: 3, unpriced: 0 },
    });
    expect(service.years.map((y) => [y.year, y.km, y.coats])).toEqual([
      [2026, 60, 2],
      [2025, 40, 0],
    ]);
    expect(service.years[0]!.months.map((m) => m.coats).slice(0, 3)).toEqual([1, 1, 0]);
    expect(service.rows.map((r) => r.km)).toEqual([600, 600, 600, 540, 500]);
  });

  it('is told in sentences, in the rider’s units', () => {
    const service = serviceNow()!;
    expect(serviceSentences(service, 'chain', METRIC)).toEqual([
      'In the log since 20 December 2025: 100 km in 2 rides, 40 % on damp and wet roads, 2 coats, 1 clean, 3.00 for lube and cleaners.',
      expect.stringMatching(/^It has run 600 km, and we put its wear at 0\.\d\d %\.$/),
      'It got a coat every 50 km.',
    ]);
    expect(serviceSentences(service, 'chain', IMPERIAL)[0]).toMatch(/62 mi in 2 rides/);
  });

  it('is read back as a table by another reader, no formula in it', () => {
    const service = serviceNow()!;
    const named = { ...TEST_GARAGE.chains.c1!, name: '=cmd' };
    const garage = { ...TEST_GARAGE, chains: { ...TEST_GARAGE.chains, c1: named } };
    const csv = writeServiceCsv(service, garage);
    const { data, errors } = Papa.parse<Record<string, string>>(csv.trim(), { header: true });
    expect(errors).toEqual([]);
    expect(data.map((r) => [r.what, r.km])).toEqual([
      ['chainFitted', '500.0'],
      ['rideLogged', '540.0'],
      ['rideLogged', '600.0'],
      ['workDone', '600.0'],
      ['workDone', '600.0'],
    ]);
    expect(data[2]!.note).toBe("'=1+1");
    expect(data[0]!.chain).toBe("'=cmd");
  });

  it('is none of a chain that was never fitted', () => {
    expect(serviceNow({ chainId: 'c2' })).toBeNull();
    expect(serviceNow({ bikeId: 'b2' })).toBeNull();
  });

  it('of a bike counts its rides in the log, whatever chain was on; what has no price is said', () => {
    bodies.push(
      { ...fit, at: '2026-03-01T08:00:00.000Z', chainId: 'c2', start: { ...start, kmBefore: 0 } },
      rideBody('2026-03-02T08:00:00.000Z', 'b1', 25),
      { type: 'partRemoved', at: '2026-03-03T08:00:00.000Z', partId: 'p', bikeId: 'b1' },
      rideBody('2026-03-04T08:00:00.000Z', 'b2', 500),
    );
    const bike = serviceNow({ bikeId: 'b1' }, ({ method }) => ({
      cost: 2,
      isWhole: method !== 'baths',
    }))!;
    bodies.splice(-4);
    expect(bike.all).toMatchObject({ km: 125, rides: 3, cost: 4, unpriced: 1 });
    expect(bike.rows[0]).toMatchObject({ km: 125, wear: null, chainId: null });
    expect(bike.rows[1]).toMatchObject({ km: 125, chainId: 'c2' });
    expect(serviceSentences(bike, 'bike', METRIC)).toEqual([
      expect.stringMatching(/at least 4\.00 for lube and cleaners\.$/),
      'In the log it has gone 125 km.',
      'Its chains got a coat every 63 km.',
    ]);
  });

  it('has the faults of the chain in its own history, and those of the bike in the bike’s: both as worn as before', () => {
    const found = (chainId: string | null): Body => ({
      type: 'faultFound',
      at: '2026-03-01T08:00:00.000Z',
      bikeId: 'b1',
      chainId,
      noise: 'click',
      cause: chainId ? 'stiff link' : 'bad tooth',
      place: null,
      showed: null,
      state: 'put right',
    });
    const { steps } = new Replay(TEST_GARAGE, stamped([...bodies, found('c1'), found(null)]));
    const of = (life: Life) => serviceOf(steps, life, () => ({ cost: 0, isWhole: true }))!;
    const causes = (life: Life) =>
      of(life).rows.flatMap(({ event }) => (event.type === 'faultFound' ? event.cause : []));
    expect(causes({ chainId: 'c1' })).toEqual(['stiff link']);
    expect(causes({ bikeId: 'b1' })).toEqual(['bad tooth', 'stiff link']);
    const [newest, before] = of({ chainId: 'c1' }).rows;
    expect([newest!.km, newest!.wear]).toEqual([before!.km, before!.wear]);
    expect(of({ bikeId: 'b1' }).rows[0]!.wear).toBe(before!.wear);
  });

  it('of everything has a row for each event, with its bike and chain', () => {
    const all = serviceNow('everything', () => ({ cost: 0, isWhole: true }))!;
    expect(all.rows).toHaveLength(bodies.length);
    const csv = writeEverythingCsv(new Replay(TEST_GARAGE, stamped(bodies)).steps, TEST_GARAGE);
    expect(csv).toBe(writeServiceCsv(all, TEST_GARAGE));
    const { data } = Papa.parse<Record<string, string>>(csv.trim(), { header: true });
    expect(data.map((r) => [r.bike, r.chain])).toEqual(bodies.map(() => ['One', 'c1']));
  });
});
