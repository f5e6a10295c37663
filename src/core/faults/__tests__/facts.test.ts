import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, workBody, type Body } from '@/test/events';
import { Replay } from '../../care/replay/replay';
import { reportOn } from '../../care/verdict/report';
import { STANDARDS } from '../../care/model/constants';
import type { Garage } from '../../records/garage';
import { DEFAULT_SETTINGS } from '../../settings/defaults';
import { factsOf } from '../facts';
import { groundOf } from '../ground';
import { sharesOf } from '../odds';

const day = (n: number, hour = '08') => `2026-06-${String(n).padStart(2, '0')}T${hour}:00:00.000Z`;
const NOW = Date.parse(day(28));
const GARAGE: Garage = {
  ...TEST_GARAGE,
  parts: {
    cogs: {
      id: 'cogs',
      name: 'Cassette',
      kind: 'cassette',
      price: null,
      end: null,
      retired: false,
      changedAt: day(1),
      stamps: {},
    },
    ring: {
      id: 'ring',
      name: 'Ring',
      kind: 'ring',
      price: null,
      end: null,
      retired: false,
      changedAt: day(1),
      stamps: {},
    },
  },
};
const fitted = (at: string, chainId = 'c1', bikeId = 'b1'): Body => ({
  type: 'chainFitted',
  at,
  chainId,
  bikeId,
  start: { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 200, wearPercent: 0.2 },
});
const lube = { lubeClass: 'dry', coat: 1, wiped: true } as const;

function from(...bodies: Body[]) {
  const events = stamped(bodies);
  const report = reportOn(new Replay(GARAGE, events), 'b1', DEFAULT_SETTINGS, NOW)!;
  return { report, events, facts: factsOf(report, events, GARAGE) };
}

describe('facts of the log', () => {
  it('are the state of the chain as shares of what the rider’s standard allows', () => {
    const { report, facts } = from(fitted(day(1)), rideBody(day(2), 'b1', 80));
    const standard = STANDARDS[report.limits.standard];
    expect(facts.film).toBe(report.state.film);
    expect(facts.outside).toBe(report.state.outside / standard.outside);
    expect(facts.inside).toBe(report.state.inside / standard.inside);
    expect(facts.wear).toBe(report.state.wear / report.limits.wearPercent);
    expect(facts.kmOnChain).toBeCloseTo(280, 9);
  });

  it('count distance on this bike since the chain was opened, and no other chain’s fitting', () => {
    const { facts } = from(
      fitted(day(1)),
      rideBody(day(2), 'b1', 80),
      { type: 'chainRemoved', at: day(3), chainId: 'c1' },
      fitted(day(4), 'c1'),
      rideBody(day(5), 'b1', 30),
      fitted(day(5, '09'), 'c2', 'b2'),
      rideBody(day(6), 'b2', 500),
    );
    expect(facts.kmSinceOpened).toBe(30);
  });

  it('know a coat, and a ride before it had set', () => {
    const coat = workBody(day(3, '07'), 'c1', { lube });
    const early = from(fitted(day(1)), coat, rideBody(day(3, '08'), 'b1', 20));
    expect(early.facts.riddenUnset).toBe(true);
    expect(early.facts.kmSinceLubed).toBe(20);
    const late = from(fitted(day(1)), coat, rideBody(day(5), 'b1', 20));
    expect(late.facts.riddenUnset).toBe(false);
    expect(from(fitted(day(1))).facts.kmSinceLubed).toBeNull();
  });

  it('know rain with nothing done after it', () => {
    const wet = rideBody(day(3), 'b1', 40, { weather: 'wet' });
    const dry = rideBody(day(4), 'b1', 25);
    expect(from(fitted(day(1)), wet, dry).facts.kmSinceWet).toBe(65);
    expect(from(fitted(day(1)), wet, workBody(day(4), 'c1')).facts.kmSinceWet).toBeNull();
    expect(from(fitted(day(1)), dry).facts.kmSinceWet).toBeNull();
    const washed: Body = { type: 'gotWet', at: day(5), bikeId: 'b1', how: 'washed' };
    expect(from(fitted(day(1)), washed, rideBody(day(6), 'b1', 9)).facts.kmSinceWet).toBe(9);
  });

  it('know what the cassette has run, with what it had behind it', () => {
    const part = (partId: string, kmBefore: number): Body => ({
      type: 'partFitted',
      at: day(1),
      partId,
      bikeId: 'b1',
      start: { kmBefore, chainsBefore: null },
    });
    const bodies = [
      fitted(day(1)),
      part('cogs', 4000),
      part('ring', 9000),
      rideBody(day(2), 'b1', 60),
    ];
    expect(from(...bodies).facts.kmOnCassette).toBe(4060);
    expect(from(fitted(day(1))).facts.kmOnCassette).toBeNull();
  });

  it('count degreasings that took the jockey wheels along', () => {
    const clean = (n: number, cogsCleaned: boolean, method: 'brush' | 'dry wipe' = 'brush') =>
      workBody(day(n), 'c1', { method, cogsCleaned });
    const { facts } = from(
      fitted(day(1)),
      clean(2, true),
      clean(3, false),
      clean(4, true, 'dry wipe'),
      clean(5, true),
    );
    expect(facts.jockeyDegreasings).toBe(2);
  });

  it('are what a search starts from, in a middle gear of the bike', () => {
    const { report, events } = from(fitted(day(1)), rideBody(day(2), 'b1', 30));
    const { ground, moved } = groundOf(report, events, GARAGE);
    expect(ground.gear).toMatchObject({
      ring: 50,
      links: report.chain.links,
      jockey: 11,
      hub: false,
    });
    expect(moved.map(({ reason }) => reason.code)).toContain('opened');
    expect(ground.known.get('unseated link')).toBe(6);
    expect(ground.machine.waxed).toBe(false);
  });

  it('lean on what was found on the bike before and on what was noted of its parts', () => {
    const { report, events } = from(
      fitted(day(1)),
      {
        type: 'faultFound',
        at: day(2),
        bikeId: 'b1',
        chainId: null,
        noise: 'rub',
        cause: 'brake rubs',
        place: null,
        showed: null,
        state: 'put right',
      },
      {
        type: 'partNoted',
        at: day(3),
        bikeId: 'b1',
        chainId: null,
        what: 'rough freehub',
        place: null,
        putRight: false,
      },
    );
    const { ground, moved } = groundOf(report, events, GARAGE);
    const codes = moved.map(({ reason }) => reason.code);
    expect(codes).toContain('found before');
    expect(codes).toContain('noted');
    const share = sharesOf(ground.machine).get('brake rubs')!;
    expect(ground.known.get('brake rubs')).toBeCloseTo(1 + 1 / (20 * share), 9);
    expect(ground.known.get('dry freehub')).toBe(5);
  });
});
