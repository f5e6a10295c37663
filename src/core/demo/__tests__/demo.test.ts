import { allEvents, logEventSchema } from '@/core/logbook';
import { garageSchema } from '@/core/garage';
import { Replay, reportOn } from '@/core/care';
import { DEFAULT_SETTINGS } from '@/core/settings';
import { demoLogbook } from '..';

const now = Date.parse('2026-11-24T10:00:00.000Z');
const demo = demoLogbook(now, 'Europe/London');
const events = allEvents(demo.log);
const rides = events.filter((e) => e.type === 'rideLogged');

describe('the demo', () => {
  it('is the same for the same moment', () => {
    expect(demoLogbook(now, 'Europe/London')).toEqual(demo);
  });

  it.each(['2026-02-28T23:59:00.000Z', '2027-06-01T00:00:00.000Z'])(
    'ends before now at %s',
    (moment) => {
      const last = allEvents(demoLogbook(Date.parse(moment), 'UTC').log).at(-1)?.at ?? '';
      expect(last < moment).toBe(true);
    },
  );

  it('is valid by the schemas a rider’s own data must pass', () => {
    for (const event of events) expect(logEventSchema.safeParse(event).success).toBe(true);
    expect(garageSchema.safeParse(demo.garage).success).toBe(true);
  });

  it('has eight months of life in it: three bikes, two chains in turn, a pause, a storm', () => {
    expect(rides.length).toBeGreaterThan(120);
    expect(new Set(rides.map((e) => 'bikeId' in e && e.bikeId)).size).toBe(3);
    expect(events.filter((e) => e.type === 'chainFitted').length).toBeGreaterThan(4);
    const gaps = rides.slice(1).map((e, i) => Date.parse(e.at) - Date.parse(rides[i]?.at ?? e.at));
    expect(Math.max(...gaps)).toBeGreaterThan(12 * 86_400_000);
    expect(rides.some((e) => e.type === 'rideLogged' && e.weather === 'downpour')).toBe(true);
  });

  it('gives every bike a verdict', () => {
    const replay = new Replay(demo.garage, events);
    for (const bikeId of Object.keys(demo.garage.bikes)) {
      const report = reportOn(replay, bikeId, DEFAULT_SETTINGS, now);
      expect(report?.verdict.clocks).toHaveLength(8);
      expect(report?.state.wear).toBeGreaterThan(0.05);
    }
  });
});
