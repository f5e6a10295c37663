import { readGarage } from '@/core/logbook/reading';
import { logEventSchema } from '@/core/records/event';
import { allEvents } from '@/core/logbook/chunks';
import { CURRENT_VERSION } from '@/core/logbook/versions';
import { Replay } from '@/core/care/replay/replay';
import { reportOn } from '@/core/care/verdict/report';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { distanceKm } from '@/core/track/distance';
import { demoLogbook } from '../scenario';
import { diaryRides } from '../diary';
import { pointsAlong } from '../route';
import { isDue, roundsOf } from '@/core/rounds/due';
import { rotationOf, SWAP_FROM } from '@/core/wear/rotation';
import { rotationSentence } from '@/core/words/rotation';
import { HOME, RACER } from '../island';

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
    expect(readGarage(demo.garage, CURRENT_VERSION)).toMatchObject({
      garage: demo.garage,
      refused: [],
    });
  });

  it('has eight months of life in it: three bikes, two chains in turn, a pause, a storm', () => {
    expect(rides.length).toBeGreaterThan(120);
    expect(new Set(rides.map((e) => 'bikeId' in e && e.bikeId)).size).toBe(3);
    expect(events.filter((e) => e.type === 'chainFitted').length).toBeGreaterThan(4);
    const gaps = rides.slice(1).map((e, i) => Date.parse(e.at) - Date.parse(rides[i]?.at ?? e.at));
    expect(Math.max(...gaps)).toBeGreaterThan(12 * 86_400_000);
    expect(events.some((e) => e.type === 'gotWet')).toBe(true);
  });

  it('lets the weather be worked out, and now and then says it', () => {
    const skies = new Replay(demo.garage, events).steps.flatMap((s) => s.sky ?? []);
    const words = new Set(skies.map((s) => s.word));
    expect([...words].sort()).toEqual(['damp', 'downpour', 'dry', 'dusty', 'wet']);
    const said = skies.filter((s) => s.basis === 'said').length;
    expect(said).toBeGreaterThan(5);
    expect(said).toBeLessThan(skies.length / 4);
    expect(skies.filter((s) => s.basis === 'guess')).toEqual([]);
  });

  it('rides as far as its diary says, along its paths', () => {
    for (const ride of diaryRides(20_700, 20_712)) {
      const points = pointsAlong(ride.loop, 2000);
      const km = points.slice(1).reduce((sum, p, i) => sum + distanceKm(points[i]!, p), 0);
      expect(Math.abs(km / ride.loop.km - 1)).toBeLessThan(0.01);
      expect(distanceKm(points[0]!, HOME)).toBeLessThan(0.01);
    }
  });

  it('shows the neglected month in wear: a kilometre at its end costs half as much again as before and after', () => {
    const { steps } = new Replay(demo.garage, events);
    const perKm = (from: number, to: number) => {
      let [km, wear] = [0, 0];
      for (const { event, chainId, from: before, after } of steps) {
        const ago = (now - Date.parse(event.at)) / 86_400_000;
        if (event.type !== 'rideLogged' || chainId !== 'demo-chain-commuter') continue;
        if (!before || !after || ago > from || ago < to) continue;
        km += event.distanceKm;
        wear += (after.wear - before.wear) / before.wearFactor;
      }
      return wear / km;
    };
    const late = perKm(104, 90);
    expect(late).toBeGreaterThan(1.5 * perKm(150, 118));
    expect(late).toBeGreaterThan(1.5 * perKm(88, 70));
  });

  it('has a racer whose chains differ, and says which to ride', () => {
    const { steps, book } = new Replay(demo.garage, events);
    const racer = demo.garage.bikes[RACER]!;
    const rotation = rotationOf(steps, demo.garage.chains, book.fitted, racer)!;
    expect(Math.abs(rotation.on.wear - rotation.next.wear)).toBeGreaterThan(SWAP_FROM);
    expect(rotationSentence(rotation)).toMatch(/^(Swap to|Leave) Racer chain [AB]/);
  });

  it('gives every bike a verdict', () => {
    const replay = new Replay(demo.garage, events);
    for (const bikeId of Object.keys(demo.garage.bikes)) {
      const report = reportOn(replay, bikeId, DEFAULT_SETTINGS, now);
      expect(report?.verdict.clocks).toHaveLength(8);
      expect(report?.state.wear).toBeGreaterThan(0.05);
    }
  });

  it('has two slower rounds due', () => {
    const { steps, book } = new Replay(demo.garage, events);
    const due = Object.values(demo.garage.bikes).flatMap((bike) =>
      roundsOf(steps, bike, { now, off: [], chainId: book.fitted.get(bike.id) ?? '', leftOpen: [] })
        .filter(isDue)
        .map(({ round }) => [bike.name, round]),
    );
    expect(due).toEqual([
      ['Quay commuter', 'brake pads'],
      ['Sunday racer', 'tyres'],
    ]);
  });
});
