import Papa from 'papaparse';
import { Replay } from '@/core/care';
import { writeServiceCsv } from '@/core/formats/serviceCsv';
import { serviceSentences } from '@/core/words/service';
import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, workBody, type Body } from '@/test/events';
import { serviceOf } from '..';

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
const serviceNow = (chainId = 'c1') =>
  serviceOf(new Replay(TEST_GARAGE, stamped(bodies)).steps, chainId);

describe('the service history of a chain', () => {
  it('adds up by year and month, and in all', () => {
    const service = serviceNow()!;
    expect(service.all).toEqual({ km: 100, wetKm: 40, rides: 2, coats: 2, cleans: 1, minutes: 40 });
    expect(service.years.map((y) => [y.year, y.km, y.coats])).toEqual([
      [2026, 60, 2],
      [2025, 40, 0],
    ]);
    expect(service.years[0]!.months.map((m) => m.coats).slice(0, 3)).toEqual([1, 1, 0]);
    expect(service.rows.map((r) => r.km)).toEqual([600, 600, 600, 540, 500]);
  });

  it('is told in sentences, in the rider’s units', () => {
    const service = serviceNow()!;
    expect(serviceSentences(service, 'metric')).toEqual([
      'In the log since 20 December 2025: 100 km in 2 rides, 40 % on damp and wet roads, 2 coats, 1 clean.',
      expect.stringMatching(/^It has run 600 km, and we put its wear at 0\.\d\d %\.$/),
      'It got a coat every 50 km.',
    ]);
    expect(serviceSentences(service, 'imperial')[0]).toMatch(/62 mi in 2 rides/);
  });

  it('is read back as a table by another reader, no formula in it', () => {
    const service = serviceNow()!;
    const csv = writeServiceCsv(service, '=cmd');
    const { data, errors } = Papa.parse<Record<string, string>>(csv.trim(), { header: true });
    expect(errors).toEqual([]);
    expect(data.map((r) => [r.what, r.chain_km])).toEqual([
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
    expect(serviceNow('c2')).toBeNull();
  });
});
