import { Replay } from '@/core/care/replay/replay';
import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, type Body } from '@/test/events';
import { METRIC } from '@/core/units/convert';
import { rotationOf } from '../rotation';
import { turnsAhead } from '../turns';
import { wearOutlook, dayOf } from '../outlook';
import { wearStory, knownAt } from '../story';
import { partWear } from '../parts';
import { turnsSentence } from '../../words/rotation';

const START = Date.parse('2026-01-01T08:00:00.000Z');
const at = (day: number) => new Date(START + day * 86_400_000).toISOString();
const fit = (day: number, chainId: string, again = false): Body => ({
  type: 'chainFitted',
  at: at(day),
  chainId,
  bikeId: 'b1',
  start: again ? null : { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0 },
});
const rides = (from: number, to: number): Body[] =>
  Array.from({ length: to - from }, (_, n) => rideBody(at(from + n + 0.5), 'b1', 60));

function bikeOf(bodies: Body[]) {
  const replay = new Replay(TEST_GARAGE, stamped(bodies));
  const { steps, book, garage } = replay;
  return { replay, rotation: rotationOf(steps, garage.chains, book.fitted, garage.bikes.b1!) };
}

describe('chains that take turns', () => {
  it('are none where a bike has had one chain', () => {
    expect(bikeOf([fit(0, 'c1'), ...rides(1, 5)]).rotation).toBeNull();
  });

  it('the least worn of the others is next; a swap is due from a tenth of a percent on', () => {
    const short = bikeOf([fit(0, 'c2'), ...rides(1, 3), fit(5, 'c1'), ...rides(6, 9)]).rotation!;
    expect([short.on.chain.id, short.next.chain.id, short.due]).toEqual(['c1', 'c2', false]);
    const long = bikeOf([fit(0, 'c2'), ...rides(1, 3), fit(5, 'c1'), ...rides(6, 90)]).rotation!;
    expect(long.on.wear - long.next.wear).toBeGreaterThan(0.1);
    expect(long.due).toBe(true);
  });

  it('taking turns, each goes as far as alone: what is saved is the one that skips', () => {
    const bodies = [fit(0, 'c2'), ...rides(1, 6), fit(9, 'c1'), ...rides(10, 20)];
    const { rotation, replay } = bikeOf(bodies);
    const ahead = turnsAhead(replay.steps, rotation!, { gear: 'derailleur' })!;
    expect(ahead.limit).toBe(0.5);
    // The rate of the rides of late: what is left of both, each by it.
    const perKm = (ahead.limit - rotation!.on.wear) / ahead.aloneKm;
    const other = (ahead.limit - rotation!.next.wear) / (ahead.bothKm - ahead.aloneKm);
    expect(other / perKm).toBeCloseTo(1, 1);
    expect(turnsSentence(rotation!, ahead, METRIC)).toMatch(
      /^Ridden to its end alone, c1 lasts about [\d,]+ km and leaves cogs worn to 0\.50 %, on which c2, worn 0\.01 %/,
    );
    // Of two chains, the cassette loses as much whether they take turns or not.
    const turn = (chain: { wear: number }, to: number) => {
      const share = partWear(chain.wear, to - chain.wear, 0.5, 3);
      chain.wear = to;
      return share;
    };
    const [a, b, c, d] = [0, 0, 0, 0].map((wear) => ({ wear }));
    let alone = 0;
    for (let n = 1; n <= 100; n++) alone += turn(a!, n / 100);
    for (let n = 1; n <= 100; n++) alone += turn(b!, n / 100);
    let turns = 0;
    for (let n = 1; n <= 100; n++) turns += turn(c!, n / 100) + turn(d!, n / 100);
    expect(turns).toBeCloseTo(alone, 12);
  });

  it('says nothing of turns to come for a chain that is done', () => {
    const done = bikeOf([fit(0, 'c2'), ...rides(1, 3), fit(5, 'c1'), ...rides(6, 250)]);
    expect(done.rotation!.on.wear).toBeGreaterThan(0.5);
    expect(turnsAhead(done.replay.steps, done.rotation!, { gear: 'derailleur' })).toBeNull();
  });

  it('a chain in the drawer wears no further, whatever is ridden', () => {
    const before = bikeOf([fit(0, 'c1'), ...rides(1, 20), fit(20, 'c2')]).replay;
    const after = bikeOf([fit(0, 'c1'), ...rides(1, 20), fit(20, 'c2'), ...rides(21, 60)]).replay;
    const wear = (r: Replay) => r.book.chains.get('c1')!.wear;
    expect(wear(after)).toBe(wear(before));
  });
});

describe('the story of a chain’s wear', () => {
  const reading = (day: number, percent: number): Body => ({
    type: 'wearRead',
    at: at(day),
    chainId: 'c1',
    tool: 'checker',
    percent,
  });
  const bodies = [fit(0, 'c1'), ...rides(1, 20), reading(20.6, 0.2), ...rides(21, 30)];
  const { replay } = bikeOf(bodies);

  it('has a point for each ride and reading, and each reading with its distance', () => {
    const { line, readings, fittedAt } = wearStory(replay.steps, 'c1');
    expect(line).toHaveLength(1 + 19 + 1 + 9);
    expect(readings).toMatchObject([{ km: 19 * 60, percent: 0.2, sd: 0.05, between: null }]);
    expect(fittedAt).toBe(START);
  });

  it('tells what was known at a moment, before later rides', () => {
    const chain = { id: 'c1', speeds: 11 };
    expect(knownAt(replay.steps, chain, START + 20.7 * 86_400_000).readings).toHaveLength(1);
    const early = knownAt(replay.steps, chain, START + 3 * 86_400_000);
    expect(early.wear).toBeLessThan(0.05);
    expect(knownAt(replay.steps, chain, START - 1)).toMatchObject({ wear: 0, fittedAt: START });
  });

  it('a higher reading brings the end nearer, and says when by the week’s distance', () => {
    const { chains, bikes } = replay.garage;
    const now = START + 31 * 86_400_000;
    const outlook = (percent: number) => {
      const r = bikeOf([fit(0, 'c1'), ...rides(1, 20), reading(20.6, percent), ...rides(21, 30)]);
      return wearOutlook(r.replay.steps, chains.c1!, bikes.b1!, now)!;
    };
    const [low, high] = [outlook(0.1), outlook(0.3)];
    expect(high.foresight.mid).toBeLessThan(low.foresight.mid);
    expect(low.worse).toBeLessThan(low.foresight.mid);
    expect(low.better).toBeGreaterThan(low.foresight.mid);
    // 60 km a day, save those before the first ride.
    expect(low.kmPerWeek).toBeGreaterThan(350);
    expect(dayOf(low.kmPerWeek, low, now)! - now).toBeCloseTo(7 * 86_400_000, -3);
    expect(dayOf(100, { ...low, kmPerWeek: 0 }, now)).toBeNull();
  });
});
