import Papa from 'papaparse';
import { readRideFiles } from '@/core/formats/rideFile';
import { readDid } from '@/core/formats/table/work';
import type { Fitting } from '@/core/logbook/fittings';
import type { PlainEvent } from '@/core/records/event';
import { stamped, workBody } from '@/test/events';
import { planImport } from '../importRides';

const fittings: Fitting[] = [
  { chainId: 'c1', bikeId: 'b1', from: '2026-03-01T08:00:00.000Z', to: null },
];
const read = (rows: object[], events: readonly PlainEvent[] = []) => {
  // An independent writer (papaparse).
  const bytes = new TextEncoder().encode(Papa.unparse(rows));
  const bikeOf = () => 'b1';
  const now = Date.parse('2026-11-24T10:00:00Z');
  return planImport([...readRideFiles('service.csv', bytes, {})], { rides: [], fittings, events, now, bikeOf }); // prettier-ignore
};

describe('a cell of past work', () => {
  it.each([
    ['Lubed with wet lube', { kind: 'work', method: 'dry wipe', lube: 'wet' }],
    ['oiled chain', { kind: 'work', method: 'dry wipe', lube: 'as before' }],
    ['Kette gereinigt und geölt', { kind: 'work', method: 'brush', lube: 'as before' }],
    ['Chain off, cleaned in baths, dry lube', { kind: 'work', method: 'baths', lube: 'dry' }],
    ['Cleaned with scrubber', { kind: 'work', method: 'scrubber', lube: 'as before' }],
    ['re-waxed in the pot', { kind: 'work', method: 'dry wipe', lube: 'hot wax' }],
    ['waxed', { kind: 'work', method: 'dry wipe', lube: 'drip wax' }],
    ['wiped with a rag', { kind: 'work', method: 'dry wipe', lube: null }],
    ['measured 0,45 %', { kind: 'wear', percent: 0.45 }],
    ['Chain wear 0.5%', { kind: 'wear', percent: 0.5 }],
    ['new chain', { kind: 'new chain' }],
    ['Neue Kette', { kind: 'new chain' }],
    ['chain replaced', { kind: 'new chain' }],
    ['new tyres', null],
    ['trued the wheel', null],
    ['battery 80 %', null],
    ['', null],
  ])('“%s” is understood', (text, did) => expect(readDid(text)).toEqual(did));
});

describe('a table of past work', () => {
  const rows = [
    { Date: '2026-04-03', Bike: 'Racer', 'Work done': 'lubed, dry lube' },
    { Date: '2026-05-10', Bike: 'Racer', 'Work done': 'new tyres' },
    { Date: '2026-05-17', Bike: 'Racer', 'Work done': 'cleaned and lubed' },
    { Date: '2026-06-01', Bike: 'Racer', 'Work done': 'measured 0.2 %' },
    { Date: '2026-02-01', Bike: 'Racer', 'Work done': 'lubed' },
    { Date: '2026-07-01', Bike: 'Racer', 'Work done': 'new chain' },
  ];

  it('is read as work of the chain that was on, row by row; what cannot be placed says why', () => {
    const found = read(rows);
    expect(found.map((r) => (r.outcome === 'failed' ? r.problem.code : r.outcome))).toEqual([
      'work',
      'work/other',
      'work',
      'work',
      'work/no-chain',
      'work/new-chain',
    ]);
    expect(found.flatMap((r) => (r.outcome === 'work' ? [r.work] : []))).toMatchObject([
      { type: 'workDone', chainId: 'c1', method: 'dry wipe', lube: { lubeClass: 'dry' } },
      { type: 'workDone', chainId: 'c1', method: 'brush', cogsCleaned: true },
      { type: 'wearRead', chainId: 'c1', percent: 0.2 },
    ]);
  });

  it('is lubed with what the chain carried where it does not say, and not written twice', () => {
    const log = stamped([
      workBody('2026-05-01T12:00:00.000Z', 'c1', { lube: { lubeClass: 'hot wax', coat: 1, wiped: false } }), // prettier-ignore
      workBody('2026-04-03T15:00:00.000Z', 'c1'),
    ]) as PlainEvent[];
    const [known, , cleaned] = read(rows.slice(0, 3), log);
    expect(known).toMatchObject({ outcome: 'work known', note: 'lubed, dry lube' });
    expect(cleaned).toMatchObject({ work: { lube: { lubeClass: 'hot wax' } } });
  });

  it('a table of rides with a note of work stays one of rides', () => {
    const [row] = read([
      { Date: '2026-04-03', 'Distance (km)': 42, Notes: 'lubed before' },
      { Date: '2026-04-05', 'Distance (km)': 30, Notes: 'cleaned after' },
    ]);
    expect(row).toMatchObject({ outcome: 'failed', problem: { code: 'csv/unexplained' } });
  });
});
