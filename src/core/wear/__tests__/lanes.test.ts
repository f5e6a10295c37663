import type { ServiceRow } from '../service';
import { lanesOf, spansOf, type Zoom } from '../lanes';

const row = (at: string, type: string, more: object = {}): ServiceRow =>
  ({
    event: { id: `${type}${at}`, at: `2026-${at}:00.000Z`, type, weather: 'dry', ...more },
    sky: null,
    bikeId: 'b1',
    chainId: 'c1',
    km: 0,
    wear: 0,
    cost: type === 'workDone' ? 0.4 : 0,
  }) as unknown as ServiceRow;
const ride = (at: string, distanceKm: number, weather = 'dry') =>
  row(at, 'rideLogged', { distanceKm, weather });
// Newest first, as a service history has them. 2 November 2026 is a Monday.
const ROWS = [
  row('11-09T20:00', 'wearRead'),
  row('11-09T19:00', 'workDone', { method: 'baths', lube: { lubeClass: 'wet' } }),
  ride('11-09T09:00', 30, 'wet'),
  ride('11-09T07:00', 20),
  ride('11-08T09:00', 40),
  row('11-02T01:00', 'chainFitted'),
];

describe('a life in spans', () => {
  const km = (zoom: Zoom) => spansOf(ROWS, zoom, 1).map((s) => [s.dryKm, s.wetKm]);

  it('begins its weeks on the day the rider’s begin', () => {
    // Sunday the 8th belongs to the week after where weeks begin on Sunday.
    expect(spansOf(ROWS, 'years', 7).map((s) => s.dryKm)).toEqual([0, 60]);
    expect(spansOf(ROWS, 'years', 1).map((s) => s.dryKm)).toEqual([40, 20]);
  });

  it('adds up kilometres by weather: by week, by day, by quarter of a day', () => {
    expect(km('years')).toEqual([
      [40, 0],
      [20, 30],
    ]);
    expect(km('months')).toEqual([
      [0, 0],
      [40, 0],
      [20, 30],
    ]);
    expect(km('weeks')).toEqual(km('months'));
    expect(spansOf(ROWS, 'days', 1).map((s) => s.rows.length)).toEqual([1, 1, 2, 2]);
  });

  it('begins its spans in the rider’s zone: weeks on Monday, days at midnight', () => {
    const first = (zoom: Zoom) => new Date(spansOf(ROWS, zoom, 1)[0]!.at);
    expect([first('years').getDay(), first('years').getHours()]).toEqual([1, 0]);
    expect(first('months').getHours()).toBe(0);
    expect(spansOf(ROWS, 'days', 1).every((s) => new Date(s.at).getHours() % 6 === 0)).toBe(true);
  });

  it('adds up what was spent', () => {
    expect(spansOf(ROWS, 'years', 1).map((s) => s.cost)).toEqual([0, 0.4]);
  });

  it('puts each event into its lanes, oldest first, and loses none', () => {
    expect(spansOf(ROWS, 'years', 1).map((s) => [...s.lanes])).toEqual([
      ['fitted'],
      ['lubed', 'cleaned', 'read'],
    ]);
    const all = spansOf(ROWS, 'days', 1).flatMap((s) => s.rows);
    expect(all).toEqual([...ROWS].reverse());
  });

  it.each([
    ['a wipe and a coat', 'workDone', { method: 'solvent wipe', lube: {} }, ['lubed']],
    ['baths and no lube', 'workDone', { method: 'baths', lube: null }, ['cleaned']],
    ['a wipe only', 'workDone', { method: 'dry wipe', lube: null }, []],
    ['a part', 'partFitted', {}, ['fitted']],
    ['a noise', 'soundHeard', {}, ['noticed']],
    ['rain', 'gotWet', {}, ['noticed']],
    ['a ride', 'rideLogged', { distanceKm: 1 }, []],
  ])('%s stands in its lanes', (_, type, more, lanes) => {
    expect(lanesOf(row('11-02T01:00', type, more))).toEqual(lanes);
  });
});
